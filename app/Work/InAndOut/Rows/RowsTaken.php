<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\App\Work\InAndOut\Columns\ProductColumn;
use Vestibra\App\Work\InAndOut\Columns\RowNames;
use Vestibra\App\Work\Saving\Many;
use Vestibra\App\Work\Saving\Refusal;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Formats\Tables\Cells;
use Vestibra\Core\Formats\Tables\TableRow;
use Vestibra\Core\Problem;

/** Prepares what rows want changed, some at a time, and notes those that cannot be taken. */
final class RowsTaken
{
    /** @var array<int, list<Change>> what each line changes */
    private array $changes = [];

    /** @var array<int, array{int, int|null, int|null}> which product each line pins, from and to which template */
    private array $pinned = [];

    /** @var array<int, int> product => the line that changes it */
    private array $own = [];

    public function __construct(
        private readonly StoredThings $things,
        private readonly Many $many,
        private readonly RowsReport $report,
        private readonly RowCells $cells,
        private readonly OwnCells $ownCells,
        private readonly RowPins $pins,
        private readonly RowNames $names,
        private readonly RowWishes $wishes,
    ) {
    }

    /** @param  list<TableRow>  $rows */
    public function take(array $rows): void
    {
        $keys = new RowKeys($this->cells->columns->key);
        $found = $keys->found(array_values(array_filter(
            array_map($this->cells->key(...), $rows),
            static fn (string $key): bool => $key !== '',
        )));
        $targets = array_merge([], ...array_values($found));
        $hasOwn = $this->cells->columns->own !== [];
        $products = $hasOwn ? array_values(array_unique(array_column($targets, 1))) : [];
        $stands = [
            'variant' => $this->cells->columns->fields === []
                ? []
                : $this->things->readColumns(Thing::Variant, array_values(array_filter(array_column($targets, 0)))),
            'product' => $hasOwn ? $this->products($products) : [],
        ];
        $this->pins->stand($products);
        [$this->changes, $this->pinned, $this->own] = [[], [], []];
        foreach ($rows as $row) {
            $target = $this->cells->target($row, $found, $this->report, $keys);
            $target === null || $this->row($row, $target, $stands);
        }
        $this->prepare($stands);
    }

    /**
     * What stands in a row of its own is read at once; the rest only where a column asks for it.
     *
     * @param  list<int>  $products
     * @return array<int, array<string, mixed>>
     */
    private function products(array $products): array
    {
        $only = ['title'];
        foreach ($this->cells->columns->own as $column) {
            if ($column->isSeveral() || $column->fact !== null) {
                return $this->things->read(Thing::Product, $products);
            }
            $column->isPin() || $only[] = $column->name();
        }

        return $this->things->readColumns(Thing::Product, $products, $only);
    }

    /**
     * @param  array{int, int}  $target
     * @param  array{variant: array<int, array<string, mixed>>, product: array<int, array<string, mixed>>}  $stands
     */
    private function row(TableRow $row, array $target, array $stands): void
    {
        [$variant, $product] = $target;
        $change = $this->cells->change(
            $row,
            $variant,
            $stands['variant'][$variant] ?? [],
            $this->report,
            $this->wishes->leaping,
        );
        $own = $this->cells->columns->own === [] ? [] : $this->ownCells->read($row, $product, $this->report);
        if ($change === false || $own === null) {
            return;
        }
        $pin = $this->pins->want($product, $own);
        if ($pin instanceof Problem) {
            $this->report->wrong($row->line, ...$this->pinCell($row), problem: $pin);

            return;
        }
        $this->cells->columns->own === [] || $this->ownCells->keep();
        $pin === null || $this->pinned[$row->line] = [$product, ...$pin];
        $change === null || $this->changes[$row->line][] = $change;
        $this->ofProduct($row->line, $product, $own, $stands['product'][$product] ?? []);
    }

    /**
     * What several rows say of one product is one change of it.
     *
     * @param  array<string, mixed>  $own
     * @param  array<string, mixed>  $stands
     */
    private function ofProduct(int $line, int $product, array $own, array $stands): void
    {
        unset($own[ProductColumn::PIN], $own[ProductColumn::TEMPLATE]);
        $own = self::withMain($own, $stands);
        $before = $after = [];
        foreach ($own as $name => $value) {
            $is = $stands[$name] ?? (is_array($value) ? [] : null);
            if ($value !== $is) {
                [$before[$name], $after[$name]] = [$is, $value];
            }
        }
        if ($after === []) {
            return;
        }
        $at = $this->own[$product] ??= $line;
        $others = [];
        foreach ($this->changes[$at] ?? [] as $change) {
            if ($change->thing === Thing::Product) {
                $before += $change->before ?? [];
                $after += $change->after ?? [];
            } else {
                $others[] = $change;
            }
        }
        $this->changes[$at] = [...$others, new Change(Thing::Product, $product, $before, $after)];
    }

    /**
     * A product that leaves its main category has the first of the others instead.
     *
     * @param  array<string, mixed>  $own
     * @param  array<string, mixed>  $stands
     * @return array<string, mixed>
     */
    private static function withMain(array $own, array $stands): array
    {
        $categories = $own['categories'] ?? null;
        $main = $stands['mainCategory'] ?? null;
        $leaves = is_array($categories) && $main !== null && ! in_array($main, $categories, true);

        return $leaves ? $own + ['mainCategory' => $categories[0] ?? null] : $own;
    }

    /** @param  array{variant: array<int, array<string, mixed>>, product: array<int, array<string, mixed>>}  $stands */
    private function prepare(array $stands): void
    {
        // What will not be kept anyway is not prepared.
        if ($this->report->wrong > 0 && ! $this->wishes->goodOnly) {
            return;
        }
        $all = array_merge([], ...array_values($this->changes));
        $changed = (new Entry($all))->ids(Thing::Product);
        $whole = ['product' => $changed === [] ? [] : $this->things->read(Thing::Product, $changed)] + $stands;
        $isWhole = $all === [] || ! $this->many->add(new Entry($all), $whole) instanceof Refusal;
        $lines = array_keys($this->changes + $this->pinned);
        sort($lines);
        foreach ($lines as $line) {
            $changes = $this->changes[$line] ?? [];
            // Each by itself, so that a problem stands beside its line.
            $done = $isWhole || $changes === [] ? null : $this->many->add(new Entry($changes), $whole);
            if ($done instanceof Refusal) {
                isset($this->pinned[$line]) && $this->pins->leave($this->pinned[$line][0]);
                $this->report->wrong($line, '', '', $done->problems[0]);
            } else {
                $this->report->changed($line, $this->pinWords($line, $stands['product']), ...$changes);
            }
        }
    }

    /**
     * @param  array<int, array<string, mixed>>  $products
     * @return array{title: string, from: string, to: string}|null
     */
    private function pinWords(int $line, array $products): ?array
    {
        if (! isset($this->pinned[$line])) {
            return null;
        }
        [$product, $before, $after] = $this->pinned[$line];
        $title = $products[$product]['title'] ?? '';

        return [
            'title' => is_string($title) ? $title : '',
            'from' => $before === null ? 'nothing' : $this->names->name('template', $before),
            'to' => $after === null ? 'nothing' : $this->names->name('template', $after),
        ];
    }

    /** @return array{column: string, written: string} the cell of a row that asks for a template */
    private function pinCell(TableRow $row): array
    {
        foreach ($this->cells->columns->own as $at => $column) {
            $cell = trim(Cells::read($row->cells[$at] ?? ''));
            if ($column->isPin() && $cell !== '') {
                return ['column' => $this->cells->columns->called[$at], 'written' => $cell];
            }
        }

        return ['column' => '', 'written' => ''];
    }
}
