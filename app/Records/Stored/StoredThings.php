<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Stored;

use Illuminate\Support\Facades\Queue;
use LogicException;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Catalogue\RewordCategories;
use Vestibra\App\Records\Catalogue\Sql\ProductIndex;
use Vestibra\App\Records\Models\Catalogue\FactValue;
use Vestibra\App\Records\Models\Catalogue\OptionValue;
use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\App\Records\Models\Catalogue\Variant;
use Vestibra\App\Records\Stored\Sql\ColumnRows;
use Vestibra\App\Records\Stored\Sql\OldAddressRows;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Records;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Catalogue\Fact;

/** The things of the catalogue in the database. What is derived from them is brought up to date with `settle`. */
final class StoredThings implements Records
{
    /** SQL, the products `p` that are found by a thing's name; `?` stands for numbers. */
    private const HOLDING = [
        'brand' => 'p.brand_id in (?)',
        'category' => 'p.id in (select h.product_id from category_product h join categories d on d.id = h.category_id '
            .'join categories c on d.lower between c.lower and c.upper where c.id in (?))',
        'tag' => 'p.id in (select product_id from product_tag where tag_id in (?))',
        'option-value' => 'p.id in (select v.product_id from variants v join variant_values x on x.variant_id = v.id '
            .'where x.option_value_id in (?))',
    ];

    /** Fields of variants that a product's lowest price is made of. */
    private const PRICES = ['price', 'salePrice', 'saleFrom', 'saleUntil'];

    /** Fields of products that nothing is derived from. */
    private const ASIDE = ['published', 'shownFrom', 'shownUntil', 'added', 'searchTitle', 'searchDescription'];

    /** @var array<int, true> products whose derived columns are behind */
    private array $stale = [];

    /** @var array<int, true> products of which a variant has another price */
    private array $repriced = [];

    /** @var array<int, int> of values that were met: their option */
    private array $options = [];

    /** @var array<int, true> products that are not there any more */
    private array $gone = [];

    private bool $treeIsStale = false;

    /** @var array<int, Fact>|null */
    private ?array $known = null;

    /** @var array<string, array<int, true>> by thing: those whose products are found by other words now */
    private array $renamed = [];

    /** @var array<int, true> products that stood, or stand again, with something that was deleted */
    private array $reworded = [];

    public function __construct(
        private readonly DependentRows $alongside,
        private readonly FactBook $facts,
    ) {
    }

    /**
     * Their fields but for what ties them to other things, and facts: those are as if there were none.
     *
     * @param  list<int>  $ids
     * @param  list<string>  $only  fields; none: all
     * @return array<int, array<string, mixed>> by number
     */
    public function readColumns(Thing $thing, array $ids, array $only = []): array
    {
        $things = [];
        $wanted = array_flip($only);
        $columns = $only === []
            ? ['*']
            : ['id', ...array_values(array_intersect_key(Tables::columns($thing), $wanted))];
        foreach (Tables::columns($thing) === [] ? [] : array_chunk($ids, 5_000) as $some) {
            foreach (Rows::in(Tables::of($thing))->whereIntegerInRaw('id', $some)->get($columns) as $row) {
                $fields = StoredFields::of($thing, $row);
                $things[$row->id] = $only === [] ? $fields : array_intersect_key($fields, $wanted);
            }
        }

        return $things;
    }

    public function read(Thing $thing, array $ids): array
    {
        $things = $this->readColumns($thing, $ids);
        foreach ($things === [] ? [] : array_chunk($ids, 5_000) as $some) {
            foreach ($thing === Thing::Product
                ? FactValue::query()->toBase()->whereIntegerInRaw('product_id', $some)
                    ->orderBy('position')
                    ->get(['product_id', 'fact_id', 'written'])
                : [] as $row) {
                $list = $things[$row->product_id][ThingFields::fact($row->fact_id)] ?? [];
                $things[$row->product_id][ThingFields::fact($row->fact_id)] = [
                    ...is_array($list) ? $list : [],
                    $row->written,
                ];
            }
            foreach (Tables::links($thing) as $field => [$table, $own, $other, $ordered]) {
                foreach (Rows::in($table)->whereIntegerInRaw($own, $some)
                    ->orderBy($ordered ? 'position' : $other)
                    ->orderBy($other)
                    ->get([$own, $other]) as $row) {
                    $list = $things[$row->$own][$field] ?? [];
                    $things[$row->$own][$field] = [...is_array($list) ? $list : [], $row->$other];
                }
            }
        }

        return $things;
    }

    public function write(Change $change): Change
    {
        $table = Rows::in(Tables::of($change->thing));
        $this->mark($change);
        if ($change->after === null) {
            $this->reword($change);
            $own = array_diff_key(
                (array) Rows::in(Tables::of($change->thing))->where('id', $change->id)->first(),
                array_flip([...Tables::columns($change->thing), 'id']),
            );
            $alongside = $this->alongside->take(Tables::of($change->thing), $change->id);
            $table->where('id', $change->id)->delete();

            return $change->with($alongside + ['own' => $own]);
        }
        $columns = StoredFields::columns($change->thing, $change->after);
        if ($change->thing === Thing::OptionValue) {
            unset($this->options[$change->id]);
        }
        if ($change->before === null) {
            $table->insert(['id' => $change->id] + $columns + self::own($change) + $this->standIns($change->thing));
        } elseif ($columns !== []) {
            $table->where('id', $change->id)->update($columns);
        }
        foreach (array_intersect_key(Tables::links($change->thing), $change->after) as $field => $link) {
            $list = $change->after[$field];
            $change->before === null || Rows::in($link[0])->where($link[1], $change->id)->delete();
            $this->link($link, $change->id, is_array($list) ? array_values(array_filter($list, is_int(...))) : []);
        }
        $this->fill($change);
        if ($change->before === null && $change->alongside !== []) {
            $this->alongside->giveBack($change->alongside);
            $this->reword($change);
        }

        return new Change($change->thing, $change->id, $change->before, $change->after);
    }

    /**
     * Makes changes in their order; those that set columns alone, of which the order does not matter, many at once.
     *
     * @param  list<Change>  $changes
     * @return list<Change> as `write` gives them
     */
    public function writeAll(array $changes): array
    {
        $made = $plain = [];
        foreach ($changes as $change) {
            if (self::isPlain($change)) {
                $plain[$change->thing->value.' '.implode(' ', array_keys($change->after ?? []))][] = $change;
                $made[] = $change;
            } else {
                array_map($this->columnsOf(...), $plain);
                $plain = [];
                $made[] = $this->write($change);
            }
        }
        array_map($this->columnsOf(...), $plain);

        return $made;
    }

    /** Whether it sets columns of what is there, and nothing else. */
    private static function isPlain(Change $change): bool
    {
        return $change->before !== null
            && $change->after !== null
            && in_array($change->thing, [Thing::Product, Thing::Variant], true)
            && array_diff_key($change->after, Tables::columns($change->thing)) === []
            && ! isset($change->after['product']);
    }

    /** @param  non-empty-list<Change>  $changes  that set the same columns of things of one kind */
    private function columnsOf(array $changes): void
    {
        $thing = $changes[0]->thing;
        $rows = [];
        $names = [];
        foreach ($changes as $change) {
            $columns = StoredFields::columns($thing, $change->after ?? []);
            $names = array_keys($columns);
            $rows[] = [$change->id, ...array_values($columns)];
        }
        $this->markAll($thing, $changes);
        ColumnRows::update(Tables::of($thing), $names, $rows);
    }

    /** @param  list<Change>  $changes */
    private function markAll(Thing $thing, array $changes): void
    {
        $fields = array_keys($changes[0]->after ?? []);
        if (array_diff($fields, $thing === Thing::Product ? self::ASIDE : [...self::PRICES, 'stock']) === []) {
            $priced = $thing === Thing::Variant && array_intersect($fields, self::PRICES) !== [];
            foreach ($priced ? self::productsOf($changes) : [] as $product) {
                $this->repriced[$product] = true;
            }

            return;
        }
        foreach ($thing === Thing::Product ? array_column($changes, 'id') : self::productsOf($changes) as $product) {
            $this->stale[$product] = true;
        }
    }

    /**
     * @param  list<Change>  $changes  of variants
     * @return list<int>
     */
    private static function productsOf(array $changes): array
    {
        return array_values(array_map(intval(...), Variant::query()->toBase()
            ->whereIntegerInRaw('id', array_column($changes, 'id'))
            ->distinct()
            ->pluck('product_id')
            ->all()));
    }

    /** Brings up to date what is kept beside the things so that sets of them can be asked for quickly. */
    public function settle(): void
    {
        if ($this->treeIsStale) {
            CategoryBounds::refresh();
        }
        ProductIndex::refresh(...array_keys($this->stale));
        ProductIndex::prices(...array_keys(array_diff_key($this->repriced, $this->stale)));
        foreach (array_keys($this->gone) as $product) {
            ProductIndex::forget($product);
        }
        foreach ($this->renamed as $thing => $ids) {
            // Beneath a category there may be very many.
            $thing === Thing::Category->value
                ? Queue::push(new RewordCategories(array_keys($ids)))
                : ProductIndex::words(str_replace('?', implode(',', array_keys($ids)), self::HOLDING[$thing]));
        }
        if ($this->reworded !== []) {
            ProductIndex::words('p.id in ('.implode(',', array_keys($this->reworded)).')');
        }
        $this->stale = $this->repriced = $this->gone = $this->renamed = $this->reworded = [];
        $this->treeIsStale = false;
    }

    /**
     * @param  list<int>  $values
     * @return array<int, int> the option of each value
     */
    private function optionsOf(array $values): array
    {
        $unknown = array_diff($values, array_keys($this->options));
        foreach ($unknown === []
            ? []
            : OptionValue::query()->toBase()->whereIntegerInRaw('id', $unknown)->get(['id', 'option_id']) as $row) {
            $this->options[(int) $row->id] = (int) $row->option_id;
        }

        return $this->options;
    }

    private function fill(Change $change): void
    {
        $facts = [];
        foreach ($change->alongside !== [] ? [] : $change->after ?? [] as $name => $written) {
            $id = ThingFields::factOf($change->thing, $name);
            $fact = $id === null ? null : ($this->known ??= $this->facts->all())[$id] ?? null;
            if ($fact !== null) {
                $facts[] = [$fact, is_array($written) ? array_values(array_filter($written, is_string(...))) : []];
            }
        }
        $facts === [] || $this->facts->fillAll($change->id, $facts, $change->before === null);
    }

    private function reword(Change $change): void
    {
        $holding = self::HOLDING[$change->thing->value] ?? null;
        foreach ($holding === null
            ? []
            : OldAddressRows::holding($holding, $change->id) as $row) {
            $this->reworded[$row->id] = true;
        }
    }

    private function mark(Change $change): void
    {
        if ($change->thing === Thing::Product && $change->after !== null && $change->before !== null && array_filter(
            $change->fields(),
            static fn (string $name): bool => ThingFields::factOf(Thing::Product, $name) === null,
        ) === []) {
            $this->reworded[$change->id] = true;

            return;
        }
        if ($change->thing === Thing::Product) {
            $change->isDeleted() ? $this->gone[$change->id] = true : $this->stale[$change->id] = true;
        } elseif ($change->thing === Thing::Variant) {
            $stands = isset($change->after['product'])
                ? []
                : (array) Variant::query()->toBase()->where('id', $change->id)->first('product_id as product');
            foreach ([$change->before, $change->after, $stands] as $fields) {
                is_int($fields['product'] ?? null) && $this->stale[$fields['product']] = true;
            }
        } elseif ($change->thing === Thing::Category && ($change->before === null
            || $change->after === null
            || array_intersect($change->fields(), ['parent', 'position']) !== [])) {
            $this->treeIsStale = true;
        }
        if (isset(self::HOLDING[$change->thing->value]) && array_intersect(
            $change->thing === Thing::Category ? ['name', 'parent'] : ['name', 'label'],
            $change->fields(),
        ) !== []) {
            $this->renamed[$change->thing->value][$change->id] = true;
        }
    }

    /** @return array<string, mixed> what stood beside the fields of something that comes back */
    private static function own(Change $change): array
    {
        $own = [];
        foreach (is_array($change->alongside['own'] ?? null) ? $change->alongside['own'] : [] as $column => $value) {
            $own[(string) $column] = $value;
        }

        return $own;
    }

    /** @return array<string, mixed> what columns need until what is derived is brought up to date */
    private function standIns(Thing $thing): array
    {
        return match ($thing) {
            Thing::Product => ['title_folded' => '', 'added_at' => StoredFields::NEVER],
            Thing::Category => ['lower' => 0, 'upper' => 0],
            default => [],
        };
    }

    /**
     * @param  array{string, string, string, bool}  $link
     * @param  list<int>  $named
     */
    private function link(array $link, int $id, array $named): void
    {
        [$table, $own, $other, $ordered] = $link;
        $options = $table === 'variant_values' ? $this->optionsOf($named) : [];
        $rows = [];
        foreach ($named as $position => $one) {
            $rows[] = [$own => $id, $other => $one]
                + ($ordered ? ['position' => $position] : [])
                + ($table === 'variant_values'
                    ? ['option_id' => $options[$one] ?? throw new LogicException('A value without its option.')]
                    : []);
        }
        foreach (array_chunk($rows, 300) as $some) {
            Rows::in($table)->insert($some);
        }
    }
}
