<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Catalogue\SafeHtml;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Records\Settings\ShopSettings;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\App\Work\Finding\FoundPages;
use Vestibra\App\Work\InAndOut\Columns\ProductColumn;
use Vestibra\App\Work\InAndOut\Columns\RowColumns;
use Vestibra\App\Work\InAndOut\Columns\RowNames;
use Vestibra\App\Work\InAndOut\Columns\RowTerms;
use Vestibra\App\Work\Releases\Impact;
use Vestibra\App\Work\Releases\Making\Deeds;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\App\Work\Saving\EntryChecks;
use Vestibra\App\Work\Saving\Many;
use Vestibra\App\Work\Saving\Moves;
use Vestibra\App\Work\Saving\Refusal;
use Vestibra\App\Work\Saving\Settling;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\FieldReader;
use Vestibra\Core\Catalogue\Changing\FieldType;
use Vestibra\Core\Formats\Tables\CellForm;
use Vestibra\Core\Formats\Tables\DayTally;
use Vestibra\Core\Formats\Tables\NumberTally;
use Vestibra\Core\Formats\Tables\TableProblem;
use Vestibra\Core\Formats\Tables\TableRow;

/**
 * Reads a file of rows into the catalogue: rows are found by key, only its columns are touched, every row that cannot
 * be taken is said with its line; all of it is one piece of the history (and one release, where it pins pages), or
 * nothing happens.
 *
 * @phpstan-import-type Summary from Moves
 * @phpstan-import-type Move from Moves
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
        private FactBook $facts,
        private Categories $categories,
        private FoundPages $found,
        private Releases $releases,
        private Impact $impact,
    ) {
    }

    public function read(string $path, User $user, RowWishes $wishes): RowsOutcome
    {
        $file = RowFile::at($path);
        $columns = TableProblem::Empty->at();
        foreach ($file->rows() as $header) {
            $columns = RowColumns::of($header, $wishes->columns, RowTerms::ofShop($this->facts));
            break;
        }
        if (! $columns instanceof RowColumns) {
            return new RowsOutcome(0, 0, 0, [], [], [new RowProblem(0, '', '', $columns)], 0, Moves::NONE);
        }
        $names = new RowNames($this->categories);
        $report = new RowsReport($columns);
        $goOn = $wishes->goOn ?? static fn (): bool => true;
        $many = new Many(
            $this->things,
            $this->checks,
            $this->moves,
            $this->settling,
            static fn (int $done, int $all): bool => $goOn('made', $done, $all),
        );
        $pins = new RowPins($this->found, $columns, $names);
        [$cells, $own] = $this->cells($file, $columns, $wishes, $names, $report);
        $taken = new RowsTaken($this->things, $many, $report, $cells, $own, $pins, $names, $wishes);
        foreach (self::some($file, $wishes->mended) as $rows) {
            if (! $goOn('looked at', $report->rows, 0)) {
                return $this->refused(new Refusal([CatalogueProblem::Stopped->at()]), $report);
            }
            $taken->take($rows);
        }
        $pins = $pins->isNothing() ? null : $pins;
        if (($many->isEmpty() && $pins === null) || ($report->wrong > 0 && ! $wishes->goodOnly)) {
            return $report->outcome(0, Moves::NONE);
        }

        return $wishes->dry
            ? $this->foreseen($many, $pins, $report)
            : $this->made($many, $pins, $report, $user, $wishes->called ?? basename($path));
    }

    private function foreseen(Many $many, ?RowPins $pins, RowsReport $report): RowsOutcome
    {
        $changes = $pins?->changes();
        if ($many->isEmpty() && $changes !== null) {
            return $report->outcome(0, self::of($this->impact->of($changes)));
        }
        $apply = static function () use ($changes): ?Refusal {
            $changes === null || Deeds::apply($changes);

            return null;
        };
        $pins === null || $many->beside($pins->touched(), $apply);
        $moves = $many->foresee();

        return $moves instanceof Refusal ? $this->refused($moves, $report) : $report->outcome(0, $moves);
    }

    /** One piece of the history, and one release where pages are pinned: both or nothing. */
    private function made(Many $many, ?RowPins $pins, RowsReport $report, User $user, string $called): RowsOutcome
    {
        $words = $report->words($called);
        $changes = $pins?->changes();
        $release = null;
        $pin = function () use ($changes, $user, $words, &$release): ?Refusal {
            $done = $changes === null
                ? null
                : $this->releases->make($changes, $user, mb_substr($words, 0, 200));
            $release = $done instanceof Release ? $done : null;

            return is_array($done) ? new Refusal($done) : null;
        };
        if ($many->isEmpty()) {
            $refusal = $pin();

            return $refusal !== null || $release === null
                ? $this->refused($refusal ?? new Refusal([]), $report)
                : $report->outcome(0, self::of($release->impact), $release->id);
        }
        $pins === null || $many->beside($pins->touched(), $pin);
        $done = $many->save($user, $words);

        return $done instanceof Refusal
            ? $this->refused($done, $report)
            : $report->outcome($done->id, $done->moves, $release->id ?? 0);
    }

    private function refused(Refusal $refusal, RowsReport $report): RowsOutcome
    {
        $report->wrong(0, '', '', $refusal->problems[0] ?? CatalogueProblem::ChangedSince->at('', [
            'count' => count($refusal->crossings),
        ]));

        return $report->outcome(0, Moves::NONE);
    }

    /**
     * @param  array<string, mixed>  $impact  of a release
     * @return Summary
     */
    private static function of(array $impact): array
    {
        /** @var list<Move> $moves */
        $moves = is_array($impact['moves'] ?? null) ? $impact['moves'] : [];

        return ['moves' => $moves, 'moved' => array_sum(array_column($moves, 'count'))] + Moves::NONE;
    }

    /**
     * How columns write their numbers and days is seen before any of them is read.
     *
     * @return array{RowCells, OwnCells}
     */
    private function cells(
        RowFile $file,
        RowColumns $columns,
        RowWishes $wishes,
        RowNames $names,
        RowsReport $report,
    ): array {
        $tallies = [];
        foreach ($columns->fields as $at => $field) {
            in_array($field->type, [FieldType::Money, FieldType::Count], true) && $tallies[$at] = new NumberTally;
            in_array($field->type, ProductColumn::DAYS, true) && $tallies[$at] = new DayTally;
        }
        foreach ($columns->own as $at => $column) {
            $column->isNumber() && $tallies[$at] = new NumberTally;
            $column->isDay() && $tallies[$at] = new DayTally;
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
        $forms = array_map(static fn (NumberTally|DayTally $tally): CellForm => $tally instanceof DayTally
            ? $wishes->days ?? $tally->form()
            : $wishes->numbers ?? $tally->form(), $tallies);

        $report->forms = $forms;

        return [
            new RowCells($columns, $forms, $reader, $this->settings->format(), $wishes->emptied),
            new OwnCells($columns, $forms, $reader, $names, $wishes->emptied),
        ];
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
}
