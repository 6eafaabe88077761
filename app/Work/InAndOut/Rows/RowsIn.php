<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Catalogue\SafeHtml;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Records\Settings\ShopSettings;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\App\Work\Saving\EntryChecks;
use Vestibra\App\Work\Saving\Many;
use Vestibra\App\Work\Saving\Moves;
use Vestibra\App\Work\Saving\Refusal;
use Vestibra\App\Work\Saving\Saved;
use Vestibra\App\Work\Saving\Settling;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\FieldReader;
use Vestibra\Core\Catalogue\Changing\FieldType;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Formats\Tables\NumberTally;
use Vestibra\Core\Formats\Tables\TableProblem;
use Vestibra\Core\Formats\Tables\TableRow;

/**
 * Reads a file of rows into the catalogue: rows are found by key, only its columns are touched, every row that cannot
 * be taken is said with its line; all of it is one piece of the history, or nothing happens.
 */
final readonly class RowsIn
{
    private const AT_ONCE = 500;

    /** Bytes of them: rows can be long. */
    private const BYTES_AT_ONCE = 4_000_000;

    public function __construct(
        private StoredThings $things,
        private EntryChecks $checks,
        private Moves $moves,
        private Settling $settling,
        private ShopSettings $settings,
        private ShopClock $clock,
    ) {
    }

    public function read(string $path, User $user, RowWishes $wishes): RowsOutcome
    {
        $file = RowFile::at($path);
        $columns = TableProblem::Empty->at();
        foreach ($file->rows() as $header) {
            $columns = RowColumns::of($header, $wishes->columns);
            break;
        }
        if (! $columns instanceof RowColumns) {
            return new RowsOutcome(0, 0, 0, [], [], [new RowProblem(0, '', '', $columns)], 0, Moves::NONE);
        }
        $cells = $this->cells($file, $columns, $wishes);
        $report = new RowsReport($columns);
        $many = new Many($this->things, $this->checks, $this->moves, $this->settling, $wishes->goOn);
        foreach (self::some($file, $wishes->mended) as $rows) {
            $this->take($rows, $cells, $report, $many, $wishes);
        }
        if ($many->isEmpty() || ($report->wrong > 0 && ! $wishes->goodOnly)) {
            return $report->outcome(0, Moves::NONE);
        }
        $done = $wishes->dry ? $many->foresee() : $many->save($user, $report->words($wishes->called
            ?? basename($path)));
        if ($done instanceof Refusal) {
            $report->wrong(0, '', '', $done->problems[0] ?? CatalogueProblem::ChangedSince->at('', [
                'count' => count($done->crossings),
            ]));
        }

        return match (true) {
            $done instanceof Refusal => $report->outcome(0, Moves::NONE),
            $done instanceof Saved => $report->outcome($done->id, $done->moves),
            default => $report->outcome(0, $done),
        };
    }

    /** How columns write their numbers is seen before any of them is read. */
    private function cells(RowFile $file, RowColumns $columns, RowWishes $wishes): RowCells
    {
        $tallies = [];
        foreach ($columns->fields as $at => $field) {
            in_array($field->type, [FieldType::Money, FieldType::Count], true) && $tallies[$at] = new NumberTally;
        }
        $isHeader = true;
        foreach ($tallies === [] ? [] : $file->rows() as $row) {
            foreach ($isHeader ? [] : $tallies as $at => $tally) {
                $tally->add($row->cells[$at] ?? '');
            }
            $isHeader = false;
        }
        $reader = new FieldReader(
            $this->clock->zone,
            $this->settings->format()->digits(),
            $this->settings->money()->currency,
            SafeHtml::clean(...),
        );

        return new RowCells(
            $columns,
            array_map(static fn (NumberTally $tally) => $wishes->numbers ?? $tally->form(), $tallies),
            $reader,
            $this->settings->format(),
            $wishes->emptied,
        );
    }

    /**
     * @param  array<int, array<int, string>|null>  $mended
     * @return iterable<list<TableRow>> without the header
     */
    private static function some(RowFile $file, array $mended): iterable
    {
        $some = [];
        $bytes = 0;
        $isHeader = true;
        foreach ($file->rows() as $row) {
            $mend = $mended[$row->line] ?? [];
            $isOut = array_key_exists($row->line, $mended) && $mended[$row->line] === null;
            $isHeader || $isOut || $some[] = $mend === []
                ? $row
                : new TableRow($row->line, array_values(array_replace($row->cells, $mend)), $row->problem);
            $isHeader = false;
            $bytes += array_sum(array_map(strlen(...), $row->cells));
            if (count($some) === self::AT_ONCE || $bytes > self::BYTES_AT_ONCE) {
                yield $some;
                [$some, $bytes] = [[], 0];
            }
        }
        if ($some !== []) {
            yield $some;
        }
    }

    /** @param  list<TableRow>  $rows */
    private function take(array $rows, RowCells $cells, RowsReport $report, Many $many, RowWishes $wishes): void
    {
        $keys = new RowKeys($cells->columns->key);
        $found = $keys->found(array_values(array_filter(array_map($cells->key(...), $rows))));
        $stands = $this->things->readColumns(Thing::Variant, array_merge([], ...array_values($found)));
        $changes = $lines = [];
        foreach ($rows as $row) {
            $id = $cells->variant($row, $found, $report, $keys);
            $change = $id === null ? null : $cells->change($row, $id, $stands[$id] ?? [], $report, $wishes->leaping);
            if ($change !== null) {
                $changes[] = $change;
                $lines[$id] = $row->line;
            }
        }
        // What will not be kept anyway is not prepared.
        if ($changes === [] || ($report->wrong > 0 && ! $wishes->goodOnly)) {
            return;
        }
        if (! $many->add(new Entry($changes), ['variant' => $stands]) instanceof Refusal) {
            $report->changed($lines, ...$changes);

            return;
        }
        // Each by itself, so that a problem stands beside its line.
        foreach ($changes as $change) {
            $done = $many->add(new Entry([$change]), ['variant' => [$change->id => $stands[$change->id] ?? []]]);
            $done instanceof Refusal
                ? $report->wrong($lines[$change->id], '', '', $done->problems[0])
                : $report->changed($lines, $change);
        }
    }
}
