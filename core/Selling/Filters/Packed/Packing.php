<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Filters\Packed;

use Closure;
use Vestibra\Core\Selling\Filters\FilterRow;

/**
 * Packs products so that they can be narrowed all at once.
 *
 * @api
 */
final class Packing
{
    /** @var array<string, array<int, list<int>>> filter => value => places */
    private array $places = [];

    /** @var array<string, non-empty-array<int, int>> range => place => number */
    private array $numbers = [];

    /** @var array<string, int> filter => how many bytes a set of what it is about takes */
    private array $lengths = [];

    /** @param  Closure(string): bool  $isRange  whether a filter is about numbers rather than values */
    private function __construct(private readonly Closure $isRange)
    {
    }

    /**
     * @param  list<FilterRow>  $rows  of a range, a product or variant has one number
     * @param  Closure(string): bool  $isRange  whether a filter is about numbers rather than values
     */
    public static function of(array $rows, Closure $isRange): Pack
    {
        return (new self($isRange))->pack($rows);
    }

    /** @param  list<FilterRow>  $rows */
    private function pack(array $rows): Pack
    {
        usort($rows, static fn (FilterRow $one, FilterRow $other): int =>
            count($other->variants) <=> count($one->variants)
            ?: $one->product <=> $other->product);
        $many = [];
        foreach ($rows as $row) {
            foreach (array_keys($row->variants) as $number) {
                $many[$number] = ($many[$number] ?? 0) + 1;
            }
        }
        [$products, $many] = [array_map(static fn (FilterRow $row): int => $row->product, $rows), array_values($many)];
        $empty = new Pack($products, $many, [], []);
        foreach ($rows as $product => $row) {
            $this->note($row->values, $product, $empty->length);
            foreach ($row->variants as $number => $variant) {
                $this->note($variant, $empty->variant($product, $number), $empty->variantLength);
            }
        }
        $values = $numbers = [];
        foreach ($this->places as $filter => $ofFilter) {
            $values[$filter] = array_map(
                fn (array $places): string => Bits::of($places, $this->lengths[$filter]),
                $ofFilter,
            );
        }
        foreach ($this->numbers as $filter => $ofFilter) {
            $numbers[$filter] = Sliced::of($ofFilter, $this->lengths[$filter]);
        }

        return new Pack($products, $many, $values, $numbers);
    }

    /** @param  array<string, list<int>>  $has */
    private function note(array $has, int $place, int $length): void
    {
        foreach ($has as $filter => $values) {
            $this->lengths[$filter] = $length;
            foreach ($values as $value) {
                if (($this->isRange)($filter)) {
                    $this->numbers[$filter][$place] = $value;
                } else {
                    $this->places[$filter][$value][] = $place;
                }
            }
        }
    }
}
