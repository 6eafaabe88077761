<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Filters;

/**
 * Narrows a list by what a customer has chosen, in one pass over it. Each product is looked at with the set of filters
 * that keep it out; a product that one filter alone keeps out counts for that filter's other values.
 *
 * @internal
 */
final readonly class Narrowing
{
    private const IN_STOCK = 1;

    /** @var list<Filter> those that are on, whose places are the bits of a set */
    private array $on;

    /** @param  list<Filter>  $filters  all that stand beside the list */
    public function __construct(private array $filters, private Choices $choices)
    {
        $this->on = array_values(
            array_filter($filters, static fn (Filter $filter): bool => $choices->has($filter->key)),
        );
    }

    /** @param  iterable<FilterRow>  $rows */
    public function of(iterable $rows): Narrowed
    {
        $left = $bounds = $kept = [];
        $counts = array_fill_keys(
            array_map(
                static fn (Filter $filter): string => $filter->key,
                array_filter($this->filters, static fn (Filter $filter): bool => ! $filter->isRange),
            ),
            [],
        );
        foreach ($rows as $row) {
            $sets = $this->keptOutBy($row);
            if (in_array(0, $sets, true)) {
                $left[] = $row->product;
            }
            foreach (array_unique($sets) as $set) {
                $kept[$set][$row->product] = true;
            }
            foreach ($this->filters as $filter) {
                if ($filter->isRange) {
                    $bounds = self::widened($bounds, $filter, $row);
                } else {
                    $with = $this->with($filter, $row, $sets);
                    foreach (self::values($filter, $row) as $value) {
                        $counts[$filter->key][$value] = ($counts[$filter->key][$value] ?? 0)
                            + (isset($with[$value]) ? 1 : 0);
                    }
                }
            }
        }

        return new Narrowed(
            $left,
            array_map(self::sorted(...), $counts),
            $bounds,
            $left === [] && $this->on !== [] ? $this->giveUp($kept) : null,
        );
    }

    /**
     * @return non-empty-list<int> of each variant, the set of filters that it and its product do not fit; of none, of
     *     the product
     */
    private function keptOutBy(FilterRow $row): array
    {
        $ofProduct = 0;
        foreach ($this->on as $bit => $filter) {
            $ofProduct |= ! $filter->ofVariants && ! $this->fits($filter, $row->values[$filter->key] ?? [])
                ? 1 << $bit
                : 0;
        }
        $sets = [];
        foreach ($row->variants as $variant) {
            $set = $ofProduct;
            foreach ($this->on as $bit => $filter) {
                $set |= $filter->ofVariants && ! $this->fits($filter, self::ofVariant($filter, $variant))
                    ? 1 << $bit
                    : 0;
            }
            $sets[] = $set;
        }
        $alone = $ofProduct;
        foreach ($this->on as $bit => $filter) {
            $alone |= $filter->ofVariants ? 1 << $bit : 0;
        }

        return $sets === [] ? [$alone] : $sets;
    }

    /** @param  list<int>  $has */
    private function fits(Filter $filter, array $has): bool
    {
        if (! $filter->isRange) {
            return array_intersect($this->choices->values[$filter->key] ?? [], $has) !== [];
        }
        [$least, $most] = $this->choices->ranges[$filter->key] ?? [null, null];

        return array_filter($has, static fn (int $number): bool => ($least === null || $number >= $least)
            && ($most === null || $number <= $most)) !== [];
    }

    /**
     * @param  non-empty-list<int>  $sets
     * @return array<int, true> the values of a filter with which the product would be in the list
     */
    private function with(Filter $filter, FilterRow $row, array $sets): array
    {
        $own = 0;
        foreach ($this->on as $bit => $one) {
            $own |= $one === $filter ? 1 << $bit : 0;
        }
        $fit = array_keys(array_filter($sets, static fn (int $set): bool => ($set & ~$own) === 0));
        $values = [];
        foreach ($fit as $at) {
            foreach ($filter->ofVariants
                ? self::ofVariant($filter, $row->variants[$at] ?? [])
                : $row->values[$filter->key] ?? [] as $value) {
                $values[$value] = true;
            }
        }

        return $values;
    }

    /**
     * @param  array<string, list<int>>  $variant
     * @return list<int>
     */
    private static function ofVariant(Filter $filter, array $variant): array
    {
        return $filter->onlyInStock && ! in_array(self::IN_STOCK, $variant['stock'] ?? [], true)
            ? []
            : $variant[$filter->key] ?? [];
    }

    /** @return list<int> of a filter, all that the product or one of its variants has */
    private static function values(Filter $filter, FilterRow $row): array
    {
        $has = $filter->ofVariants
            ? array_merge(
                ...array_map(static fn (array $variant): array => self::ofVariant($filter, $variant), $row->variants),
            )
            : $row->values[$filter->key] ?? [];

        return array_values(array_unique($has));
    }

    /**
     * @param  array<string, array{int, int}>  $bounds
     * @return array<string, array{int, int}>
     */
    private static function widened(array $bounds, Filter $filter, FilterRow $row): array
    {
        foreach (self::values($filter, $row) as $number) {
            [$least, $most] = $bounds[$filter->key] ?? [$number, $number];
            $bounds[$filter->key] = [min($least, $number), max($most, $number)];
        }

        return $bounds;
    }

    /**
     * @param  array<int, array<int, true>>  $kept  set of filters => the products that those keep out, and no others
     * @return array{filters: non-empty-list<string>, products: int}|null the fewest; of as few, with which there are
     *     most
     */
    private function giveUp(array $kept): ?array
    {
        $best = null;
        foreach (array_keys($kept) as $set) {
            $products = [];
            foreach ($kept as $other => $those) {
                $products += ($other & ~$set) === 0 ? $those : [];
            }
            $filters = array_values(array_map(
                static fn (Filter $filter): string => $filter->key,
                array_filter($this->on, static fn (int $bit): bool => ($set & 1 << $bit) !== 0, ARRAY_FILTER_USE_KEY),
            ));
            $rank = [count($filters), -count($products), $filters];
            if ($filters !== [] && ($best === null || $rank < $best['rank'])) {
                $best = ['rank' => $rank, 'filters' => $filters, 'products' => count($products)];
            }
        }

        return $best === null ? null : ['filters' => $best['filters'], 'products' => $best['products']];
    }

    /**
     * @param  array<int, int>  $counts
     * @return array<int, int>
     */
    private static function sorted(array $counts): array
    {
        ksort($counts);

        return $counts;
    }
}
