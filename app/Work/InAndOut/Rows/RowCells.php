<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

use Vestibra\App\Work\InAndOut\Columns\RowColumns;
use Vestibra\App\Work\InAndOut\Columns\RowTerms;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\FieldReader;
use Vestibra\Core\Catalogue\Changing\FieldType;
use Vestibra\Core\Catalogue\Changing\Leap;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingField;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Formats\Tables\CellForm;
use Vestibra\Core\Formats\Tables\Cells;
use Vestibra\Core\Formats\Tables\DayForm;
use Vestibra\Core\Formats\Tables\TableProblem;
use Vestibra\Core\Formats\Tables\TableRow;
use Vestibra\Core\Problem;
use Vestibra\Core\Selling\MoneyFormat;

/** What stands in the cells of a row: which variant it is about, and what it wants changed. */
final readonly class RowCells
{
    /** Of so many keys that are not there it is looked for what was meant. */
    private const GUESSED = 100;

    private const YES = ['yes', 'true', '1', 'x'];

    private const NO = ['no', 'false', '0'];

    /**
     * @param  array<int, CellForm>  $forms  how columns of numbers and days write them
     * @param  bool  $emptied  an empty cell empties
     */
    public function __construct(
        public RowColumns $columns,
        private array $forms,
        private FieldReader $reader,
        private MoneyFormat $money,
        private bool $emptied,
    ) {
    }

    public function key(TableRow $row): string
    {
        $key = trim(Cells::read($row->cells[$this->columns->keyAt] ?? ''));

        return $this->columns->key === 'barcode' ? (string) preg_replace('/[\s-]+/', '', $key) : $key;
    }

    /**
     * @param  array<string, list<array{int, int}>>  $found
     * @return array{int, int}|null the variant and its product; 0: the row is about a product alone; null: the row
     *     cannot be taken, which is noted
     */
    public function target(TableRow $row, array $found, RowsReport $report, RowKeys $keys): ?array
    {
        $report->rows++;
        $key = $this->key($row);
        $ids = $found[$key] ?? [];
        $isOwn = $this->columns->fields === [] && $this->columns->key === 'slug';
        [$id, $product] = $ids[0] ?? [0, 0];
        $id = $isOwn ? 0 : $id;
        $seen = $ids === [] ? 0 : $report->seen($id, $product);
        $problem = match (true) {
            $row->problem !== null => $row->problem->at(),
            count($row->cells) > count($this->columns->called) => TableProblem::TooManyCells->at('', [
                'cells' => count($row->cells), 'columns' => count($this->columns->called),
            ]),
            $key === '' => TableProblem::KeyMissing->at('', ['key' => RowTerms::KEYS[$this->columns->key]]),
            $ids === [] && preg_match('/^\d(?:[.,]\d+)?E\+?\d+$/i', $key) === 1 => TableProblem::KeyRounded->at(),
            $ids === [] => TableProblem::KeyUnknown->at('', ['key' => RowTerms::KEYS[$this->columns->key]]),
            (count($ids) > 1 || $id === 0) && ! $isOwn => TableProblem::KeySeveral->at('', ['count' => count($ids)]),
            $seen > 0 => TableProblem::KeyTwice->at('', [
                'key' => RowTerms::KEYS[$this->columns->key], 'line' => $seen,
            ]),
            default => null,
        };
        if ($problem !== null) {
            $isUnknown = $problem->code === TableProblem::KeyUnknown;
            $report->wrong(
                $row->line,
                $this->columns->called[$this->columns->keyAt],
                $key,
                $problem,
                $isUnknown && $report->wrong < self::GUESSED ? $keys->meant($key) : null,
            );

            return null;
        }
        $report->see($id, $product, $row->line);

        return [$id, $product];
    }

    /**
     * @param  array<string, mixed>  $stands  how the variant is
     * @return Change|false|null null where the row changes nothing of it; false: the row cannot be taken, which is
     *     noted
     */
    public function change(TableRow $row, int $id, array $stands, RowsReport $report, bool $leaping): Change|false|null
    {
        $before = $after = [];
        $isWrong = false;
        foreach ($this->columns->fields as $at => $field) {
            $cell = trim(Cells::read($row->cells[$at] ?? ''));
            if ($cell === '' && (! $this->emptied || ! array_key_exists($at, $row->cells))) {
                continue;
            }
            $value = $this->value($field, $at, $cell);
            if ($value instanceof Problem) {
                $meant = ($this->forms[$at] ?? null) instanceof DayForm ? DayForm::meant($cell) : null;
                $report->wrong($row->line, $this->columns->called[$at], $cell, $value, $meant);
                $isWrong = true;
            } elseif ($value !== ($stands[$field->name] ?? null)) {
                $before[$field->name] = $stands[$field->name] ?? null;
                $after[$field->name] = $value;
            }
        }
        $change = $isWrong || $after === [] ? null : new Change(Thing::Variant, $id, $before, $after);
        $leap = $change === null || $leaping ? null : Leap::in($change)[0] ?? null;
        if ($leap !== null) {
            $at = (int) array_search($leap->field, $this->columns->fields, true);
            $report->wrong(
                $row->line,
                $this->columns->called[$at],
                trim($row->cells[$at] ?? ''),
                TableProblem::Leap->at('', [
                    'field' => $leap->field->words,
                    'before' => $this->money->format($leap->before),
                    'after' => $this->money->format($leap->after),
                ]),
            );
        }

        return $isWrong || $leap !== null ? false : $change;
    }

    /** @return bool|string what a cell says of yes or no; the cell itself where it says neither */
    public static function flag(string $cell): bool|string
    {
        $folded = Folding::fold($cell);

        return match (true) {
            in_array($folded, self::YES, true) => true,
            in_array($folded, self::NO, true) => false,
            default => $cell,
        };
    }

    /** @return Problem|null where a day may be read as two */
    public static function unclear(?CellForm $form, string $cell): ?Problem
    {
        return $form === DayForm::Unknown && DayForm::isOpen($cell)
            ? TableProblem::DayUnclear->at('', ['written' => $cell])
            : null;
    }

    private function value(ThingField $field, int $at, string $cell): mixed
    {
        return self::unclear($this->forms[$at] ?? null, $cell) ?? $this->reader->read($field, match (true) {
            $field->type === FieldType::Flag => self::flag($cell),
            ! isset($this->forms[$at]) => $cell,
            $field->type === FieldType::Count => preg_replace('/\.0+$/D', '', $this->forms[$at]->plain($cell)),
            default => $this->forms[$at]->plain($cell),
        });
    }
}
