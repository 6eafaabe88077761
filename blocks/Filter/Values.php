<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Filter;

use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Composing\ListFilter;
use Vestibra\Core\Composing\ListFilterValue;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Selling\Filters\NaturalOrder;

/**
 * The values of a filter in the order, and as far as, a block shows them.
 *
 * @phpstan-type Value array{id: int, label: string, written: string, count: int, chosen: bool, swatch: string|null,
 *     picture: string|null, depth: int, nowhere: bool}
 */
final readonly class Values
{
    private const MOST = 200;

    /** Beyond so many there is a field to look for one; so many of those that are found stand there without a fold. */
    public const SEEN_AT_ONCE = 40;

    /** Of which two values are, and one is offered. */
    private const ONE = ['stock', 'sale'];

    /** Whose values have an order of their own. */
    private const DEFINED = ['category', 'rating', 'stock', 'sale'];

    public function __construct(
        private Settings $settings,
        private string $language,
    ) {
    }

    /** Whether there are so many values that one is looked for by its name. */
    public static function areMany(ListFilter $filter): bool
    {
        return $filter->sought !== '' || count($filter->values) > self::SEEN_AT_ONCE;
    }

    /**
     * @return array{list<Value>, int, int} those that are shown, how many are not, for they are too many, and how many
     *     are called what is looked for; where something is, the first two speak of these alone and of what is chosen
     */
    public function of(ListFilter $filter): array
    {
        $sought = Folding::words($filter->sought);
        $nowhere = $this->settings->text('nowhere');
        $values = array_filter($filter->values, static fn (ListFilterValue $value): bool => $value->chosen
            || ($nowhere !== 'out' || $value->count > 0)
            && ! (in_array($filter->key, self::ONE, true) && $value->id !== 1)
            && self::isCalled($value, $sought));
        $order = $this->settings->text('order');
        $order = $order === 'natural' && $this->isDefined($filter) ? 'defined' : $order;
        $values = match ($order) {
            'natural', 'name' => $this->named($values),
            'count' => self::counted($values),
            default => array_values($values),
        };
        if ($nowhere === 'last') {
            usort($values, static fn (ListFilterValue $a, ListFilterValue $b): int =>
                ($a->count === 0 && ! $a->chosen) <=> ($b->count === 0 && ! $b->chosen));
        }

        $shown = self::most($values);
        $called = array_filter(
            $values,
            static fn (ListFilterValue $value): bool => self::isCalled($value, $sought),
        );

        return [array_map(static fn (ListFilterValue $value): array => [
            'id' => $value->id,
            'label' => $value->label,
            'written' => $value->written,
            'count' => $value->count,
            'chosen' => $value->chosen,
            'swatch' => $value->swatch,
            'picture' => $value->picture,
            'depth' => $order === 'defined' ? $value->depth : 0,
            'nowhere' => $value->count === 0 && ! $value->chosen,
        ], $shown), count($values) - count($shown), count($called)];
    }

    /** @param  list<string>  $sought  folded */
    private static function isCalled(ListFilterValue $value, array $sought): bool
    {
        $name = $sought === [] ? '' : Folding::fold($value->label);
        foreach ($sought as $word) {
            if (! str_contains($name, $word)) {
                return false;
            }
        }

        return true;
    }

    /**
     * So many, and all that are chosen: nobody's choice is lost.
     *
     * @param  list<ListFilterValue>  $values
     * @return list<ListFilterValue>
     */
    private static function most(array $values): array
    {
        return [
            ...array_slice($values, 0, self::MOST),
            ...array_filter(
                array_slice($values, self::MOST),
                static fn (ListFilterValue $value): bool => $value->chosen,
            ),
        ];
    }

    /**
     * Whether the shop's own order is the natural one: of what has one by itself, and of options whose values are
     * words.
     */
    private function isDefined(ListFilter $filter): bool
    {
        return in_array($filter->key, self::DEFINED, true)
            || str_starts_with($filter->key, 'option.') && ! NaturalOrder::fits(
                array_map(static fn (ListFilterValue $value): string => $value->label, $filter->values),
            );
    }

    /**
     * @param  array<ListFilterValue>  $values
     * @return list<ListFilterValue>
     */
    private function named(array $values): array
    {
        $order = new NaturalOrder($this->language);
        usort(
            $values,
            static fn (ListFilterValue $a, ListFilterValue $b): int => $order->compare($a->label, $b->label),
        );

        return $values;
    }

    /**
     * @param  array<ListFilterValue>  $values
     * @return list<ListFilterValue>
     */
    private static function counted(array $values): array
    {
        usort($values, static fn (ListFilterValue $a, ListFilterValue $b): int => $b->count <=> $a->count
            ?: $a->place <=> $b->place);

        return $values;
    }
}
