<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

use Vestibra\App\Records\Models\Pin;
use Vestibra\App\Records\Stored\Touched;
use Vestibra\App\Work\Finding\FoundPages;
use Vestibra\App\Work\InAndOut\Columns\ProductColumn;
use Vestibra\App\Work\InAndOut\Columns\RowColumns;
use Vestibra\App\Work\InAndOut\Columns\RowNames;
use Vestibra\App\Work\Releases\Making\PinsDeed;
use Vestibra\Core\Formats\Tables\TableProblem;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Releases\Changes;

/** Which products a file pins to which template, or sets free. */
final class RowPins
{
    /** @var array<int, int|null> product => template */
    private array $wanted = [];

    /** @var array<int, int> product => the template it is pinned to */
    private array $pinned = [];

    /** @var array<int, int> product => the template it is shown with */
    private array $shown = [];

    public function __construct(
        private readonly FoundPages $found,
        private readonly RowColumns $columns,
        private readonly RowNames $names,
    ) {
    }

    /**
     * How some products stand, before any of them is looked at.
     *
     * @param  list<int>  $products
     */
    public function stand(array $products): void
    {
        $asked = array_map(static fn (ProductColumn $one): string => $one->words, array_filter(
            $this->columns->own,
            static fn (ProductColumn $one): bool => $one->isPin(),
        ));
        [$this->pinned, $this->shown] = [[], []];
        if ($asked === [] || $products === []) {
            return;
        }
        $this->pinned = array_map(
            intval(...),
            Pin::query()->toBase()->where('page_kind', PageKind::Product->value)
                ->whereIntegerInRaw('subject_id', $products)
                ->pluck('template_id', 'subject_id')
                ->all(),
        );
        if (in_array(ProductColumn::TEMPLATE, $asked, true)) {
            [$rows] = $this->found->templates(PageKind::Product, $products);
            $this->shown = array_map(intval(...), array_column($rows, 'template_id', 'id'));
        }
    }

    /**
     * @param  array<string, mixed>  $values  of a row, by the name of a field
     * @return array{int|null, int|null}|Problem|null the template before and after; null: it stays
     */
    public function want(int $product, array $values): array|Problem|null
    {
        $now = $this->pinned[$product] ?? null;
        $is = [ProductColumn::PIN => $now, ProductColumn::TEMPLATE => $this->shown[$product] ?? $now];
        foreach (array_intersect_key($is, $values) as $column => $before) {
            $to = is_int($values[$column]) ? $values[$column] : null;
            if ($to === $before || ($to === null && $column === ProductColumn::TEMPLATE)) {
                continue;
            }
            if ($to !== null && ! $this->names->isLive($to)) {
                return TableProblem::TemplateNotLive->at('', ['name' => $this->names->name('template', $to)]);
            }
            $this->wanted[$product] = $to;

            return [$before, $to];
        }

        return null;
    }

    /** The row cannot be taken after all. */
    public function leave(int $product): void
    {
        unset($this->wanted[$product]);
    }

    public function isNothing(): bool
    {
        return $this->wanted === [];
    }

    public function touched(): Touched
    {
        return Touched::products(array_keys($this->wanted));
    }

    public function changes(): Changes
    {
        $pins = [];
        foreach ($this->wanted as $product => $template) {
            $pins[PageKind::Product->value."/$product"] = $template;
        }

        return Changes::of(PinsDeed::to($pins));
    }
}
