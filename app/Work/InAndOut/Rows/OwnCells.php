<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

use Vestibra\App\Work\InAndOut\Columns\ProductColumn;
use Vestibra\App\Work\InAndOut\Columns\RowColumns;
use Vestibra\App\Work\InAndOut\Columns\RowNames;
use Vestibra\Core\Catalogue\Changing\FieldReader;
use Vestibra\Core\Catalogue\Changing\FieldType;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Formats\Tables\CellForm;
use Vestibra\Core\Formats\Tables\Cells;
use Vestibra\Core\Formats\Tables\DayForm;
use Vestibra\Core\Formats\Tables\TableProblem;
use Vestibra\Core\Formats\Tables\TableRow;
use Vestibra\Core\Problem;

/**
 * What the cells of a row say of its product. All rows of a product say the same: what another row has said already is
 * not asked twice.
 */
final class OwnCells
{
    /** Bytes of a wish: what, and in which line. */
    private const WISH = 8;

    /** By product, what each column was said to be, and in which line. */
    private readonly PackedRows $said;

    /** @var array{int, string} what the row that was read last says of its product */
    private array $last = [0, ''];

    /** @param  array<int, CellForm>  $forms  how columns of numbers and days write them */
    public function __construct(
        private readonly RowColumns $columns,
        private readonly array $forms,
        private readonly FieldReader $reader,
        private readonly RowNames $names,
        private readonly bool $emptied,
    ) {
        $this->said = new PackedRows(max(1, self::WISH * count($columns->own)));
    }

    /** @return array<string, mixed>|null by the name of a field; null: the row cannot be taken, which is noted */
    public function read(TableRow $row, int $product, RowsReport $report): ?array
    {
        $values = [];
        $isWrong = false;
        $said = $this->said->get($product);
        foreach (array_keys($this->columns->own) as $nth => $at) {
            $column = $this->columns->own[$at];
            $cell = trim(Cells::read($row->cells[$at] ?? ''));
            if ($cell === '' && (! $this->emptied || ! array_key_exists($at, $row->cells))) {
                continue;
            }
            $value = $this->value($column, $at, $cell);
            $wish = unpack('V2', $said, self::WISH * $nth) ?: [1 => 0, 2 => 0];
            $sum = crc32(serialize($value));
            if (! $value instanceof Problem && $wish[2] > 0 && $wish[1] !== $sum) {
                $value = TableProblem::SaidOtherwise->at('', ['field' => $column->words, 'line' => $wish[2]]);
            }
            if ($value instanceof Problem) {
                $report->wrong($row->line, $this->columns->called[$at], $cell, $value, $this->meant(
                    $column,
                    $cell,
                    $value,
                ));
                $isWrong = true;
            } elseif ($wish[2] === 0) {
                $values[$column->name()] = $value;
                $said = substr_replace($said, pack('V2', $sum, $row->line), self::WISH * $nth, self::WISH);
            }
        }
        $this->last = [$product, $said];

        return $isWrong ? null : $values;
    }

    /** The row that was read last is taken: it binds the others of its product. */
    public function keep(): void
    {
        $this->said->set(...$this->last);
    }

    private function value(ProductColumn $column, int $at, string $cell): mixed
    {
        $things = $column->things();
        if ($things !== null) {
            return $this->named($column, $things, $cell);
        }
        $form = $this->forms[$at] ?? null;
        $unclear = RowCells::unclear($form, $cell);
        $plain = $form === null ? $cell : $form->plain($cell);

        return match (true) {
            $unclear !== null => $unclear,
            $column->fact !== null => self::ofFact($column->fact, $column->isSeveral() ? self::parts($cell) : [$plain]),
            $column->field?->type === FieldType::Flag => $this->reader->read($column->field, RowCells::flag($cell)),
            $column->field !== null => $this->reader->read($column->field, $plain),
            default => null,
        };
    }

    /** @return int|null|list<int>|Problem */
    private function named(ProductColumn $column, string $things, string $cell): int|null|array|Problem
    {
        $ids = [];
        foreach ($column->isSeveral() ? self::parts($cell) : ($cell === '' ? [] : [$cell]) as $one) {
            $found = $this->names->ids($things, $one);
            if (count($found) !== 1) {
                return $found === []
                    ? TableProblem::NameUnknown->at('', ['things' => $things, 'written' => mb_substr($one, 0, 60)])
                    : TableProblem::NameSeveral->at('', ['written' => mb_substr($one, 0, 60), 'path' =>
                        $this->names->name($things, $found[0])]);
            }
            $ids[] = $found[0];
        }
        $ids = array_values(array_unique($ids));
        sort($ids);

        return $column->isSeveral() ? $ids : $ids[0] ?? null;
    }

    /**
     * @param  list<string>  $written
     * @return list<string>|Problem
     */
    private static function ofFact(Fact $fact, array $written): array|Problem
    {
        $written = array_values(array_filter($written, static fn (string $one): bool => $one !== ''));
        if ($fact->kind === FactKind::YesNo && $written !== []) {
            $flag = RowCells::flag($written[0]);
            $written = is_bool($flag) ? [$flag ? 'yes' : 'no'] : $written;
        }
        $value = FactValue::of($fact, $written);

        return $written !== [] && $value === null
            ? TableProblem::NotOfTheFact->at('', ['fact' => $fact->name])
            : $value->shown ?? [];
    }

    /** @return list<string> of a cell that holds several */
    private static function parts(string $cell): array
    {
        return array_values(array_filter(
            array_map(trim(...), preg_split('/[|\r\n]+/', $cell) ?: []),
            static fn (string $one): bool => $one !== '',
        ));
    }

    /** @return string|null what the whole cell was probably meant to be */
    private function meant(ProductColumn $column, string $cell, Problem $problem): ?string
    {
        if ($column->isDay()) {
            return DayForm::meant($cell);
        }
        $things = $column->things();
        $written = (string) ($problem->values['written'] ?? '');
        $meant = $problem->code === TableProblem::NameUnknown && $things !== null
            ? $this->names->meant($things, $written)
            : null;

        return $meant === null ? null : str_replace($written, $meant, $cell);
    }
}
