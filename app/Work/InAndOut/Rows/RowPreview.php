<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Models\Catalogue\Variant;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\InAndOut\Columns\ProductColumn;
use Vestibra\App\Work\InAndOut\Columns\RowTerms;
use Vestibra\App\Work\Saving\FieldWords;
use Vestibra\App\Work\Saving\Moves;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Leap;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Formats\Tables\CellForm;
use Vestibra\Core\Formats\Tables\DayForm;
use Vestibra\Core\Formats\Tables\DayTally;
use Vestibra\Core\Formats\Tables\NumberForm;
use Vestibra\Core\Formats\Tables\NumberTally;
use Vestibra\Core\Formats\Tables\TableRow;

/**
 * What a file of rows is and would change, as somebody looks at it before it is taken.
 *
 * @phpstan-import-type Summary from Moves
 *
 * @shape RowColumn array{at: int, called: string, is: string, sample: string, numbers: string, days: string,
 *     remembered: bool}
 * @shape RowCell array{field: string, from: string, to: string, leap: bool}
 * @shape RowLine array{line: int, name: string, code: string, cells: list<RowCell>}
 * @shape RowWrong array{line: int, at: int, column: string, written: string, message: string, meant: string|null}
 * @shape RowsPreview array{entry: int, release: int, rows: int, changed: int, same: int, fields: array<string, int>,
 *     columns: list<RowColumn>, lines: list<RowLine>, wrong: list<RowWrong>, wrongCount: int, moves: CatalogueMoves}
 */
final readonly class RowPreview
{
    /** Rows that are looked at for an example of each column. */
    private const LOOKED_AT = 50;

    private const MOST_WRONG = 200;

    private const MOST_COLUMNS = 200;

    public function __construct(
        private FieldWords $words,
        private FactBook $facts,
    ) {
    }

    /**
     * @param  array<string, string>  $wished  what columns were said to be
     * @param  list<string>  $remembered  columns that are what they were the last time
     * @return array<string, mixed>
     */
    public function of(RowsOutcome $done, string $path, array $wished, array $remembered): array
    {
        [$header, $samples, $numbers, $days] = self::looked($path);
        $terms = RowTerms::ofShop($this->facts);
        $columns = [];
        foreach (array_slice($header, 0, self::MOST_COLUMNS, true) as $at => $called) {
            $is = $done->columns[$called] ?? $terms->meant($called, $wished);
            $columns[] = [
                'at' => $at,
                'called' => $called,
                'is' => $is,
                'sample' => $samples[$at] ?? '',
                'numbers' => self::form($done->forms[$at] ?? $numbers[$at] ?? null, NumberForm::Plain),
                'days' => $terms->isDay($is)
                    ? self::form($done->forms[$at] ?? $days[$at] ?? null, DayForm::Plain)
                    : '',
                'remembered' => in_array($called, $remembered, true),
            ];
        }

        return [
            'entry' => $done->entry,
            'release' => $done->release,
            'rows' => $done->rows,
            'changed' => $done->changed,
            'same' => max(0, $done->rows - $done->changed - $done->wrong),
            'fields' => (object) $done->fields,
            'columns' => $columns,
            'lines' => $this->lines($done),
            'wrong' => array_map(static fn (RowProblem $one): array => [
                'line' => $one->line,
                'at' => (int) array_search($one->column, $header, true),
                'column' => $one->column,
                'written' => $one->written,
                'message' => ProblemWords::of($one->problem),
                'meant' => $one->meant,
            ], array_slice($done->problems, 0, self::MOST_WRONG)),
            'wrongCount' => max($done->wrong, min(1, count($done->problems))),
            'moves' => $done->moves,
        ];
    }

    /**
     * @return list<array{line: int, name: string, code: string, cells: list<array{field: string, from: string,
     *     to: string, leap: bool}>}>
     */
    private function lines(RowsOutcome $done): array
    {
        $changes = array_merge([], ...array_values($done->shown));
        $this->words->learn(new Entry($changes));
        $variants = Variant::query()->toBase()->join('products', 'products.id', '=', 'variants.product_id')
            ->whereIntegerInRaw('variants.id', (new Entry($changes))->ids(Thing::Variant))
            ->get(['variants.id', 'variants.sku', 'products.title'])
            ->keyBy('id')
            ->all();
        $lines = [];
        foreach ($done->shown as $line => $changes) {
            $cells = [];
            [$name, $code] = [$done->pinned[$line]['title'] ?? '', ''];
            foreach ($changes as $change) {
                $isVariant = $change->thing === Thing::Variant;
                $name = (string) ($isVariant ? $variants[$change->id]->title ?? '' : $this->words->name($change));
                $code = $isVariant ? (string) ($variants[$change->id]->sku ?? '') : $code;
                array_push($cells, ...$this->cells($change));
            }
            if (isset($done->pinned[$line])) {
                ['from' => $from, 'to' => $to] = $done->pinned[$line];
                $cells[] = ['field' => ProductColumn::PIN, 'from' => $from, 'to' => $to, 'leap' => false];
            }
            $lines[] = ['line' => $line, 'name' => $name, 'code' => $code, 'cells' => $cells];
        }

        return $lines;
    }

    /** @return list<array{field: string, from: string, to: string, leap: bool}> */
    private function cells(Change $change): array
    {
        $leaps = array_map(static fn (Leap $leap): string => $leap->field->name, Leap::in($change));
        $cells = [];
        foreach ($change->fields() as $name) {
            $field = ThingFields::field($change->thing, $name);
            $field === null || $cells[] = [
                'field' => $this->words->label($change->thing, $field),
                'from' => $this->words->value($field, $change->before[$name] ?? null),
                'to' => $this->words->value($field, $change->after[$name] ?? null),
                'leap' => in_array($name, $leaps, true),
            ];
        }

        return $cells;
    }

    /**
     * @return array{list<string>, array<int, string>, array<int, NumberForm>, array<int, DayForm>} header,
     *     examples, how numbers and days are written
     */
    private static function looked(string $path): array
    {
        $header = $samples = $numbers = $days = [];
        $seen = 0;
        foreach (RowFile::at($path)->rows() as $row) {
            if ($seen++ === 0) {
                $header = self::header($row);

                continue;
            }
            foreach ($row->cells as $at => $cell) {
                $samples[$at] ??= trim($cell) === '' ? null : mb_substr(trim($cell), 0, 40);
                ($numbers[$at] ??= new NumberTally)->add($cell);
                ($days[$at] ??= new DayTally)->add($cell);
            }
            if ($seen > self::LOOKED_AT) {
                break;
            }
        }

        return [
            $header,
            array_filter($samples, is_string(...)),
            array_map(static fn (NumberTally $tally): NumberForm => $tally->form(), $numbers),
            array_map(static fn (DayTally $tally): DayForm => $tally->form(), $days),
        ];
    }

    /**
     * What its first rows tell is told by all of them where they were read.
     */
    private static function form(?CellForm $form, NumberForm|DayForm $plain): string
    {
        return $form instanceof $plain ? $form->value : $plain->value;
    }

    /** @return list<string> as `RowColumns` calls them */
    private static function header(TableRow $row): array
    {
        return array_map(static fn (string $cell): string => mb_substr(trim($cell), 0, 60), $row->cells);
    }
}
