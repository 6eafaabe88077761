<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

use Vestibra\App\Work\Saving\Moves;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Formats\Tables\CellForm;
use Vestibra\Core\Problem;

/**
 * What a file of rows changed, or would.
 *
 * @phpstan-import-type Summary from Moves
 */
final readonly class RowsOutcome
{
    /**
     * @param  int  $entry  the number of the piece of the history that takes it back; 0 where nothing changed
     * @param  int  $rows  of the file, without its header
     * @param  int  $changed  rows that change something
     * @param  array<string, int>  $fields  what changed, in words => on how many
     * @param  array<string, string>  $columns  as the file calls them => what they are; those that are nothing are ''
     * @param  list<RowProblem>  $problems  the first thousand
     * @param  int  $wrong  rows that were not taken
     * @param  Summary  $moves
     * @param  array<int, list<Change>>  $shown  the first changes, by line
     * @param  array<int, array{title: string, from: string, to: string}>  $pinned  of those lines, the product
     *     and the names of its templates before and after
     * @param  int  $release  the number of the release that pins and unpins; 0 where nothing of that changed
     * @param  array<int, CellForm>  $forms  how columns of numbers and days were read, by their place
     */
    public function __construct(
        public int $entry,
        public int $rows,
        public int $changed,
        public array $fields,
        public array $columns,
        public array $problems,
        public int $wrong,
        public array $moves,
        public array $shown = [],
        public array $pinned = [],
        public int $release = 0,
        public array $forms = [],
    ) {
    }

    /**
     * Why nothing was changed: what is the matter with the file as a whole, or any of its rows where all or none are
     * wanted.
     */
    public function refusal(bool $goodOnly): ?Problem
    {
        foreach ($this->problems as $one) {
            if ($one->line === 0 || ! $goodOnly) {
                return $one->problem;
            }
        }

        return null;
    }

    /** Whether anything was changed. */
    public function isDone(): bool
    {
        return $this->entry > 0 || $this->release > 0;
    }
}
