<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Errands;

use Illuminate\Http\JsonResponse;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Ground\Progress;
use Vestibra\App\Work\Errands\Errands;

/** How far an errand is, or what came of it. */
final readonly class ErrandController
{
    public function show(string $errand, ErrandReply $reply): JsonResponse
    {
        return $reply->of($errand);
    }

    public function stop(string $errand, Errands $errands): JsonResponse
    {
        $errands->isOf(SignedIn::user(), $errand) || abort(404);
        (new Progress($errand))->stop();

        return new JsonResponse(['stopped' => true]);
    }
}
