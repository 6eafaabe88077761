<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Catalogue;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Records\Catalogue\RemovedHtml;
use Vestibra\App\Records\Catalogue\SafeHtml;

/** What stays of HTML when it is made safe, and what goes. */
final readonly class HtmlController
{
    private const MOST = 50_000;

    public function check(Request $request): JsonResponse
    {
        $html = Asked::untrusted($request, 'html');
        if (! is_string($html) || mb_strlen($html) > self::MOST) {
            return new JsonResponse(
                ['message' => 'This is no HTML, or more than 50,000 letters of it. Nothing was changed.'],
                422,
            );
        }

        return new JsonResponse(['takenOut' => RemovedHtml::between($html, SafeHtml::markup($html))]);
    }
}
