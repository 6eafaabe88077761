<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Releases;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Style\HouseState;
use Vestibra\App\Style\OwnFonts;
use Vestibra\App\Words\ProblemWords;
use Vestibra\Core\Styling\FontFile;
use Vestibra\Core\Styling\HouseProblem;

/** Letters that the owner brings. */
final readonly class OwnFontsController
{
    public function __construct(private OwnFonts $fonts, private HouseState $state)
    {
    }

    public function store(Request $request): JsonResponse
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            return new JsonResponse(ProblemWords::answer([HouseProblem::NotAFont->at()]), 422);
        }
        $bytes = (string) file_get_contents($file->getPathname(), false, null, 0, FontFile::MOST_BYTES + 1);
        $problem = $this->fonts->keep(Asked::text($request, 'name', 60), Asked::text($request, 'kind'), $bytes);

        return $problem === null
            ? new JsonResponse(['fonts' => $this->state->fonts()], 201)
            : new JsonResponse(ProblemWords::answer([$problem]), 422);
    }

    public function delete(int $font): JsonResponse
    {
        $problem = $this->fonts->letGo($font);

        return $problem === null
            ? new JsonResponse(['fonts' => $this->state->fonts()])
            : new JsonResponse(ProblemWords::answer([$problem]), 409);
    }
}
