<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Bulk;

use Vestibra\App\Work\Saving\Moves;

/**
 * What a change of many products came to, or would.
 *
 * @phpstan-import-type Summary from Moves
 *
 * @phpstan-type Line array{name: string, field: string, from: string, to: string}
 * @phpstan-type Refused array{name: string, why: string}
 *
 * @shape FieldLine array{name: string, field: string, from: string, to: string}
 * @shape FieldRefused array{name: string, why: string}
 * @shape FieldOutcome array{entry: int, words: string, products: int, changed: int, unchanged: int,
 *     fields: array<string, int>, lines: list<FieldLine>, refused: list<FieldRefused>, refusedCount: int,
 *     moves: CatalogueMoves}
 */
final readonly class FieldOutcome
{
    /**
     * @param  int  $entry  the number of the piece of the history that takes it back; 0 where nothing changed
     * @param  int  $products  that were meant and are there
     * @param  int  $changed  products of which something changed
     * @param  array<string, int>  $fields  what changed, in words => of how many things
     * @param  list<Line>  $lines  those that changed most
     * @param  list<Refused>  $refused  the first thousand
     * @param  Summary  $moves
     */
    public function __construct(
        public int $entry,
        public string $words,
        public int $products,
        public int $changed,
        public array $fields,
        public array $lines,
        public array $refused,
        public int $refusedCount,
        public array $moves,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'entry' => $this->entry,
            'words' => $this->words,
            'products' => $this->products,
            'changed' => $this->changed,
            'unchanged' => $this->products - $this->changed,
            'fields' => (object) $this->fields,
            'lines' => $this->lines,
            'refused' => $this->refused,
            'refusedCount' => $this->refusedCount,
            'moves' => $this->moves,
        ];
    }
}
