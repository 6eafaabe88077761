<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Layout;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Templates\CardBook;
use Vestibra\Core\Problem;

/** Cards are made, let go of and taken back; they are laid out and published like templates. */
final readonly class CardsController
{
    public function __construct(private CardBook $cards)
    {
    }

    public function store(Request $request): JsonResponse
    {
        $given = $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'start' => ['required_without:copyOf', 'string', 'max:60'],
            'copyOf' => ['integer', 'min:1'],
        ], [
            'name.required' => 'Give the card a name, so that you find it again.',
            'name.max' => 'A name can have 80 characters at most. Shorten it a little.',
            'start.required_without' => 'Choose what to begin with.',
        ]);
        $made = isset($given['copyOf'])
            ? $this->cards->copy($given['name'], (int) $given['copyOf'], SignedIn::user())
            : $this->cards->begin($given['name'], $given['start'], SignedIn::user());

        return $made instanceof Problem
            ? new JsonResponse(ProblemWords::answer([$made]), 422)
            : new JsonResponse(['id' => $made, 'cards' => $this->cards->all()], 201);
    }

    public function delete(int $card): JsonResponse
    {
        $problem = $this->cards->letGo($card);

        return $problem === null
            ? new JsonResponse(['cards' => $this->cards->all()])
            : new JsonResponse(ProblemWords::answer([$problem]), 409);
    }

    public function takeBack(int $card): JsonResponse
    {
        $this->cards->takeBack($card);

        return new JsonResponse(['cards' => $this->cards->all(), 'overview' => $this->cards->overview()]);
    }
}
