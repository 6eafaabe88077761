<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Changing;

use Vestibra\Core\Problem;

/**
 * One thing of two of a kind: what stood in the one stands in the other, what lay in it lies behind what lies there,
 * rules and old addresses of the one mean the other. Values of two options that have one name become one too.
 *
 * @api
 */
final readonly class Merge
{
    public const THINGS = [
        Thing::Category, Thing::Collection, Thing::Brand, Thing::Tag, Thing::Option, Thing::OptionValue,
    ];

    /** Products and variants that change with it. */
    private const MOST = 10_000;

    /** @param  array<int, array<string, mixed>>  $both  as they stand, by number */
    private function __construct(
        private Thing $thing,
        private int $from,
        private int $into,
        private array $both,
    ) {
    }

    /**
     * @param  array<int, array<string, mixed>>  $stand  those of the two that there are, by number
     * @param  list<int>  $above  the categories above the other
     */
    public static function of(Thing $thing, int $from, int $into, array $stand, array $above = []): self|Problem
    {
        $at = "$thing->value/$from";
        $both = array_intersect_key($stand, [$from => true, $into => true]);

        return match (true) {
            $from === $into => CatalogueProblem::MergeIntoItself->at($at, ['thing' => $thing->one()]),
            ! in_array($thing, self::THINGS, true), count($both) < 2 =>
                CatalogueProblem::Gone->at($at, ['thing' => $thing->one()]),
            in_array($from, $above, true) => CatalogueProblem::MergeBeneath->at($at),
            $thing === Thing::Collection && ($both[$from]['rule'] !== null || $both[$into]['rule'] !== null) =>
                CatalogueProblem::MergeByRule->at("$thing->value/$into"),
            $thing === Thing::OptionValue && $both[$from]['option'] !== $both[$into]['option'] =>
                CatalogueProblem::MergeOtherOption->at($at),
            default => new self($thing, $from, $into, $both),
        };
    }

    /** @param  int  $count  products and variants that change with it */
    public static function tooMuch(int $count): ?Problem
    {
        return $count > self::MOST
            ? CatalogueProblem::TooMuchToMerge->at('', ['count' => $count, 'most' => self::MOST])
            : null;
    }

    public function entry(MergedAround $around): Entry
    {
        $own = ['mergedFrom' => self::mergedFrom($this->both, $this->from, $this->into)];
        if ($this->thing === Thing::Collection) {
            $own['products'] = array_values(array_unique([
                ...self::ids($this->both[$this->into]['products']),
                ...self::ids($this->both[$this->from]['products']),
            ]));
        }

        return new Entry([
            ...$this->products($around->products),
            ...self::variants($around->variants, $this->values($around)),
            ...self::kept($around),
            ...$this->beneath($around),
            ...self::ended($around),
            new Change($this->thing, $this->into, array_intersect_key($this->both[$this->into], $own), $own),
            new Change($this->thing, $this->from, $this->both[$this->from], null),
        ]);
    }

    /** @return list<int> the whole numbers of a list, whatever else is in it */
    public static function ids(mixed $list): array
    {
        return array_values(array_filter(is_array($list) ? $list : [], is_int(...)));
    }

    /**
     * @param  array<int, array<string, mixed>>  $products
     * @return list<Change>
     */
    private function products(array $products): array
    {
        $changes = [];
        foreach ($products as $id => $stands) {
            $after = match ($this->thing) {
                Thing::Brand => ['brand' => $this->into],
                Thing::Tag => ['tags' => self::replaced(self::ids($stands['tags']), [$this->from => $this->into])],
                default => [
                    'categories' => self::replaced(self::ids($stands['categories']), [$this->from => $this->into]),
                ] + ($stands['mainCategory'] === $this->from ? ['mainCategory' => $this->into] : []),
            };
            $changes[] = new Change(Thing::Product, $id, array_intersect_key($stands, $after), $after);
        }

        return $changes;
    }

    /** @return array<int, int> value => what it becomes */
    private function values(MergedAround $around): array
    {
        return $this->thing === Thing::OptionValue ? [$this->from => $this->into] : $around->same;
    }

    /**
     * @param  array<int, array<string, mixed>>  $variants
     * @param  array<int, int>  $values
     * @return list<Change>
     */
    private static function variants(array $variants, array $values): array
    {
        $changes = [];
        foreach ($variants as $id => $stands) {
            $has = self::ids($stands['values'] ?? []);
            $changes[] =
                new Change(Thing::Variant, $id, ['values' => $has], ['values' => self::replaced($has, $values)]);
        }

        return $changes;
    }

    /** @return list<Change> */
    private static function kept(MergedAround $around): array
    {
        $changes = [];
        foreach ($around->same as $one => $other) {
            $before = ['mergedFrom' => $around->values[$other]['mergedFrom']];
            $after = ['mergedFrom' => self::mergedFrom($around->values, $one, $other)];
            $changes[] = new Change(Thing::OptionValue, $other, $before, $after);
        }

        return $changes;
    }

    /** @return list<Change> */
    private function beneath(MergedAround $around): array
    {
        [$thing, $holder] =
            $this->thing === Thing::Option ? [Thing::OptionValue, 'option'] : [Thing::Category, 'parent'];
        $place = $around->last;
        $changes = [];
        foreach (array_diff_key($around->beneath, $around->same) as $id => $position) {
            $changes[] = new Change(
                $thing,
                $id,
                [$holder => $this->from, 'position' => $position],
                [$holder => $this->into, 'position' => ++$place],
            );
        }

        return $changes;
    }

    /** @return list<Change> */
    private static function ended(MergedAround $around): array
    {
        return array_map(
            static fn (int $one): Change => new Change(Thing::OptionValue, $one, $around->values[$one], null),
            array_keys($around->same),
        );
    }

    /**
     * @param  array<int, array<string, mixed>>  $both
     * @return list<int> all that the one stands for from now on
     */
    private static function mergedFrom(array $both, int $from, int $into): array
    {
        return self::inOrder([
            ...self::ids($both[$into]['mergedFrom'] ?? []), $from, ...self::ids($both[$from]['mergedFrom'] ?? []),
        ]);
    }

    /**
     * @param  list<int>  $ids
     * @param  array<int, int>  $instead
     * @return list<int>
     */
    private static function replaced(array $ids, array $instead): array
    {
        return self::inOrder(array_map(static fn (int $id): int => $instead[$id] ?? $id, $ids));
    }

    /**
     * @param  list<int>  $ids
     * @return list<int> each once, the smallest first
     */
    private static function inOrder(array $ids): array
    {
        $each = array_unique($ids);
        sort($each);

        return $each;
    }
}
