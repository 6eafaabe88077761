<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Vestibra\App\Ground\Problems\WalkProblem;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\PagesOut\Walking\Walk;
use Vestibra\App\Words\ProblemWords;

final readonly class WalkController
{
    public function __construct(
        private Walk $walk,
        private ShopClock $clock,
    ) {
    }

    public function begin(Request $request): JsonResponse
    {
        $given = $request->validate([
            'drafts' => ['array', 'max:50'],
            'drafts.*' => ['integer'],
            'at' => ['nullable', 'string', 'max:40'],
        ]);
        $at = isset($given['at']) ? $this->clock->zone->instant($given['at']) : null;
        if (isset($given['at']) && $at === null) {
            return new JsonResponse(ProblemWords::answer([WalkProblem::NotATime->at()]), 422);
        }
        $this->walk->begin(array_values(array_map(intval(...), $given['drafts'] ?? [])), $at);

        return new JsonResponse(['walking' => true]);
    }

    public function end(): RedirectResponse
    {
        $this->walk->end();

        return back(fallback: '/');
    }
}
