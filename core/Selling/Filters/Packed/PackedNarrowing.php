<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Filters\Packed;

use Vestibra\Core\Selling\Filters\Choices;
use Vestibra\Core\Selling\Filters\Filter;

/**
 * The same as Narrowing, of packed products: a pack at once in the place of a product at a time.
 *
 * @api
 */
final class PackedNarrowing
{
    private const IN_STOCK = 1;

    /** @var list<Filter> those that are on */
    private readonly array $on;

    /** @var array<string, array<int, string>> filter => value => those with it in all packs, one pack after another */
    private array $with = [];

    /** @var array<string, array{int, int}> */
    private array $bounds = [];

    /** @var array<int, array{Pack, string}> */
    private array $left = [];

    /**
     * @var array<int, array{Pack, string, array<string, string>}> of each pack, the list, and what fits each filter
     *     that is on
     */
    private array $fitting = [];

    /** @param  list<Filter>  $filters  all that stand beside the list */
    public function __construct(private readonly array $filters, private readonly Choices $choices)
    {
        $this->on = array_values(
            array_filter($filters, static fn (Filter $filter): bool => $choices->has($filter->key)),
        );
    }

    /**
     * @param  iterable<int, array{Pack, string|null}>  $packs  number => pack, with those of it that are in the list;
     *     null for all
     */
    public function of(iterable $packs): NarrowedPacks
    {
        foreach ($packs as $number => [$pack, $list]) {
            $list ??= Bits::all(count($pack->products));
            if (Bits::any($list)) {
                $this->one($number, $pack, $list);
            }
        }
        $found = new Found($this->left);
        $total = $found->count();
        $counts = [];
        foreach ($this->filters as $filter) {
            if (! $filter->isRange) {
                $counts[$filter->key] = array_map(Bits::count(...), $this->with[$filter->key] ?? []);
                ksort($counts[$filter->key]);
            }
        }

        return new NarrowedPacks(
            $found,
            $total,
            $counts,
            $this->bounds,
            $total === 0 && $this->on !== [] ? $this->giveUp() : null,
        );
    }

    private function one(int $number, Pack $pack, string $list): void
    {
        $variants = $pack->spread($list);
        $fits = [];
        foreach ($this->on as $filter) {
            $fits[$filter->key] = $this->fits($filter, $pack);
        }
        $this->fitting[$number] = [$pack, $list, $fits];
        $all = self::together($pack, $list, $this->on, $fits);
        $this->left[$number] = [$pack, $pack->gathered($all)];
        foreach ($this->filters as $filter) {
            if ($filter->isRange) {
                $this->widen($filter, $pack, $filter->ofVariants ? $variants : $list);

                continue;
            }
            $kept = isset($fits[$filter->key])
                ? self::together(
                    $pack,
                    $list,
                    array_filter($this->on, static fn (Filter $one): bool => $one !== $filter),
                    $fits,
                )
                : $all;
            $products = $filter->ofVariants ? '' : $pack->gathered($kept);
            foreach ($pack->values[$filter->key] ?? [] as $value => $bits) {
                $bits = $this->inStock($filter, $pack, $bits);
                if (Bits::any($bits & ($filter->ofVariants ? $variants : $list))) {
                    $with = $filter->ofVariants ? self::gathered($pack, $kept & $bits) : $products & $bits;
                    $this->with[$filter->key][$value] = ($this->with[$filter->key][$value] ?? '').$with;
                }
            }
        }
    }

    /** Of few variants there are few rows to look at. */
    private static function gathered(Pack $pack, string $variants): string
    {
        $some = rtrim($variants, "\0");

        return $some === '' ? '' : $pack->gathered($variants);
    }

    private function fits(Filter $filter, Pack $pack): string
    {
        $bits = str_repeat("\0", $filter->ofVariants ? $pack->variantLength : $pack->length);
        if ($filter->isRange) {
            $bits = ($pack->numbers[$filter->key] ?? null)?->between(...$this->choices->ranges[$filter->key]
                ?? [null, null])
                ?? $bits;
        } else {
            foreach ($this->choices->values[$filter->key] ?? [] as $value) {
                $bits |= $pack->values[$filter->key][$value] ?? '';
            }
        }

        return $this->inStock($filter, $pack, $bits);
    }

    private function inStock(Filter $filter, Pack $pack, string $bits): string
    {
        return $filter->onlyInStock
            ? $bits & ($pack->values['stock'][self::IN_STOCK] ?? '') | str_repeat("\0", $pack->variantLength)
            : $bits;
    }

    /**
     * @param  array<int, Filter>  $filters
     * @param  array<string, string>  $fits
     * @return string the variants that fit some filters
     */
    private static function together(Pack $pack, string $list, array $filters, array $fits): string
    {
        $variants = null;
        foreach ($filters as $filter) {
            if ($filter->ofVariants) {
                $variants = $variants === null ? $fits[$filter->key] : $variants & $fits[$filter->key];
            } else {
                $list &= $fits[$filter->key];
            }
        }

        return $variants === null ? $pack->spread($list) : $variants & $pack->spread($list);
    }

    private function widen(Filter $filter, Pack $pack, string $among): void
    {
        $found = ($pack->numbers[$filter->key] ?? null)?->bounds($this->inStock($filter, $pack, $among));
        if ($found !== null) {
            [$least, $most] = $this->bounds[$filter->key] ?? $found;
            $this->bounds[$filter->key] = [min($least, $found[0]), max($most, $found[1])];
        }
    }

    /**
     * @return array{filters: non-empty-list<string>, products: int}|null the fewest; of as few, with which there are
     *     most
     */
    private function giveUp(): ?array
    {
        $best = null;
        foreach ($this->sets() as $set) {
            $filters = array_values(
                array_filter($this->on, static fn (int $bit): bool => ($set & 1 << $bit) !== 0, ARRAY_FILTER_USE_KEY),
            );
            if ($best !== null && count($filters) > count($best['filters'])) {
                break;
            }
            $kept =
                array_filter($this->on, static fn (int $bit): bool => ($set & 1 << $bit) === 0, ARRAY_FILTER_USE_KEY);
            $products = 0;
            foreach ($this->fitting as [$pack, $list, $fits]) {
                $products += Bits::count($pack->gathered(self::together($pack, $list, $kept, $fits)));
            }
            $keys = array_map(static fn (Filter $filter): string => $filter->key, $filters);
            if ($products > 0 && $keys !== [] && ($best === null
                || [-$products, $keys] < [-$best['products'], $best['filters']])) {
                $best = ['filters' => $keys, 'products' => $products];
            }
        }

        return $best;
    }

    /** @return list<int> every set of filters that are on, the smallest first */
    private function sets(): array
    {
        $sets = range(1, (1 << count($this->on)) - 1);
        usort($sets, static fn (int $one, int $other): int =>
            substr_count(decbin($one), '1') <=> substr_count(decbin($other), '1')
            ?: $one <=> $other);

        return $sets;
    }
}
