<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

use Vestibra\App\Ground\Counted;
use Vestibra\App\Work\Saving\Moves;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Problem;

/**
 * What is seen of a file of rows while it is read.
 *
 * @phpstan-import-type Summary from Moves
 */
final class RowsReport
{
    private const MOST_PROBLEMS = 1_000;

    private const MOST_SHOWN = 100;

    public int $rows = 0;

    /** Rows that cannot be taken. */
    public int $wrong = 0;

    /** @var array<int, int> variant => the line in which it was named */
    public array $seen = [];

    private int $changed = 0;

    /** @var array<int, Change> the first of them, by line */
    private array $shown = [];

    /** @var array<string, int> */
    private array $fields = [];

    /** @var list<RowProblem> */
    private array $problems = [];

    public function __construct(private readonly RowColumns $columns)
    {
    }

    public function isSeen(int $variant): bool
    {
        return isset($this->seen[$variant]);
    }

    /** @param  int  $line  below zero: of a row that counts as wrong already */
    public function wrong(int $line, string $column, string $written, Problem $problem, ?string $meant = null): void
    {
        $this->wrong += $line < 0 ? 0 : 1;
        if (count($this->problems) < self::MOST_PROBLEMS) {
            $this->problems[] = new RowProblem(abs($line), $column, mb_substr($written, 0, 60), $problem, $meant);
        }
    }

    /** @param  array<int, int>  $lines  of the file, by variant */
    public function changed(array $lines, Change ...$changes): void
    {
        foreach ($changes as $change) {
            $this->changed++;
            count($this->shown) < self::MOST_SHOWN && $this->shown[$lines[$change->id] ?? 0] = $change;
            foreach ($change->fields() as $field) {
                $words = ThingFields::of($change->thing)[$field]->words;
                $this->fields[$words] = ($this->fields[$words] ?? 0) + 1;
            }
        }
    }

    /** @return string for the history */
    public function words(string $file): string
    {
        $what = implode(', ', array_keys($this->fields));

        return "“{$file}”: ".Counted::of($this->changed, 'variant', 'variants').", $what";
    }

    /** @param  Summary  $moves */
    public function outcome(int $entry, array $moves): RowsOutcome
    {
        return new RowsOutcome(
            $entry,
            $this->rows,
            $this->changed,
            $this->fields,
            $this->columns->understood(),
            $this->problems,
            $this->wrong,
            $moves,
            $this->shown,
        );
    }
}
