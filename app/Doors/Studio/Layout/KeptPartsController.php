<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Layout;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Templates\KeptParts;

/** Parts that are kept for other pages. */
final readonly class KeptPartsController
{
    public function __construct(private KeptParts $parts)
    {
    }

    public function store(Request $request): JsonResponse
    {
        $given = $request->validate(
            ['name' => ['required', 'string', 'max:80'], 'node' => ['required', 'array']],
            [
                'name.required' => 'Give the part a name, so that you find it again.',
                'name.max' => 'A name can have 80 characters at most.',
            ],
        );
        $kept = $this->parts->keep($given['name'], $given['node'], SignedIn::user());

        return is_array($kept)
            ? new JsonResponse(ProblemWords::answer($kept), 422)
            : new JsonResponse(['id' => $kept, 'parts' => $this->parts->all()], 201);
    }

    /** What a copy of a part brings. */
    public function nodes(int $part): JsonResponse
    {
        return new JsonResponse(['nodes' => $this->parts->nodes($part)]);
    }

    public function takeBack(int $part): JsonResponse
    {
        $this->parts->takeBack($part);

        return new JsonResponse(['parts' => $this->parts->all(), 'overview' => $this->parts->overview()]);
    }

    public function delete(int $part): JsonResponse
    {
        $problem = $this->parts->letGo($part);
        if ($problem !== null) {
            return new JsonResponse(ProblemWords::answer([$problem]), 409);
        }

        return new JsonResponse(['parts' => $this->parts->all()]);
    }
}
