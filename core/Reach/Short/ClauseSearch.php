<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Short;

use Vestibra\Core\Reach\Condition;

/**
 * Finds the best clause that takes some pages and keeps off others. It is complete as long as it does not run out of
 * steps: a page to keep off is kept off by one of the conditions, and each that can is tried.
 *
 * @internal
 */
final class ClauseSearch
{
    public const MOST_CONDITIONS = 3;

    public const MOST_VALUES = 5;

    /** Of one comparison so many choices of values that take all wanted pages are tried. */
    private const MOST_COVERS = 200;

    private ?ShortestRule $best = null;

    private int $steps = 0;

    /** @var list<array{Condition, PageSet}> conditions that take every wanted page */
    private array $whole = [];

    /** @var list<array{ValueChoice, array-key, PageSet}> a choice with one of its values, and what it keeps off */
    private array $single = [];

    /**
     * @param  list<PlainChoice|ValueChoice>  $choices
     * @param  int  $most  steps
     */
    public function __construct(
        private readonly array $choices,
        private readonly PageSet $off,
        private readonly int $most = 20_000,
    ) {
    }

    /** @return ShortestRule|null of one clause with at most so many conditions */
    public function find(PageSet $wanted, int $conditions): ?ShortestRule
    {
        [$this->best, $this->steps, $this->whole, $this->single] = [null, 0, [], []];
        foreach ($this->choices as $choice) {
            $this->offer($choice, $wanted);
        }
        for ($most = 1; $most <= min($conditions, self::MOST_CONDITIONS) && $this->best === null; $most++) {
            $this->go($this->off, [], [], $most);
        }

        return $this->best;
    }

    private function offer(PlainChoice|ValueChoice $choice, PageSet $wanted): void
    {
        if ($choice instanceof PlainChoice) {
            $this->add($choice->condition, $choice->pages, $wanted);

            return;
        }
        foreach ($choice->how === HowMany::Any ? $this->covers($choice, $wanted) : [] as [$values, $pages]) {
            $this->add($choice->condition($values), $pages, $wanted);
        }
        foreach ($choice->how === HowMany::Any ? [] : $choice->pages as $value => $pages) {
            $off = match (true) {
                $choice->how === HowMany::All => $pages->holds($wanted) ? $this->off->without($pages) : null,
                default => $pages->meets($wanted) ? null : $this->off->and($pages),
            };
            $off === null || $off->isEmpty() || $this->single[] = [$choice, $value, $off];
        }
    }

    private function add(Condition $condition, PageSet $pages, PageSet $wanted): void
    {
        $off = $this->off->without($pages);
        if ($pages->holds($wanted) && ! $off->isEmpty()) {
            $this->whole[] = [$condition, $off];
        }
    }

    /**
     * Values of which each wanted page has one, and none of which could be left out.
     *
     * @return list<array{non-empty-list<array-key>, PageSet}>
     */
    private function covers(ValueChoice $choice, PageSet $wanted): array
    {
        $useful = array_filter($choice->pages, static fn (PageSet $pages): bool => $pages->meets($wanted));
        $found = [];
        $this->cover($useful, $wanted, [], PageSet::none(), $found);

        return array_values($found);
    }

    /**
     * @param  array<array-key, PageSet>  $useful
     * @param  list<array-key>  $values
     * @param  array<string, array{non-empty-list<array-key>, PageSet}>  $found
     */
    private function cover(array $useful, PageSet $wanted, array $values, PageSet $pages, array &$found): void
    {
        $left = $wanted->without($pages)->first();
        if ($left === null) {
            sort($values);
            $values === [] || $found[implode("\0", array_map(strval(...), $values))] = [$values, $pages];

            return;
        }
        foreach (count($values) < self::MOST_VALUES && count($found) < self::MOST_COVERS
            ? $useful
            : [] as $value => $own) {
            $own->has($left) && $this->cover($useful, $wanted, [...$values, $value], $pages->or($own), $found);
        }
    }

    /**
     * @param  PageSet  $left  still to be kept off
     * @param  list<Condition>  $made
     * @param  list<array{ValueChoice, non-empty-list<array-key>}>  $growing  conditions that take in more values
     */
    private function go(PageSet $left, array $made, array $growing, int $most): void
    {
        if ($this->steps++ > $this->most) {
            return;
        }
        $page = $left->first();
        if ($page === null) {
            $this->found($made, $growing);

            return;
        }
        foreach ($this->single as [$choice, $value, $off]) {
            foreach ($off->has($page) ? $growing : [] as $at => [$other, $values]) {
                if ($other === $choice && count($values) < self::MOST_VALUES) {
                    $grown = $growing;
                    $grown[$at] = [$choice, [...$values, $value]];
                    $this->go($left->without($off), $made, $grown, $most);
                }
            }
        }
        if (count($made) + count($growing) >= $most) {
            return;
        }
        $isLast = count($made) + count($growing) === $most - 1;
        foreach ($this->whole as [$condition, $off]) {
            if ($off->has($page) && ! self::clashes($condition, $made) && (! $isLast || $off->holds($left)
                || $growing !== [])) {
                $this->go($left->without($off), [...$made, $condition], $growing, $most);
            }
        }
        foreach ($this->single as [$choice, $value, $off]) {
            $off->has($page) && $this->go($left->without($off), $made, [...$growing, [$choice, [$value]]], $most);
        }
    }

    /**
     * Conditions on options hold for one and the same variant: two of them say something about variants that sets of
     * pages do not.
     *
     * @param  list<Condition>  $made
     */
    private static function clashes(Condition $condition, array $made): bool
    {
        return $condition->field === 'option'
            && array_filter($made, static fn (Condition $one): bool => $one->field === 'option') !== [];
    }

    /**
     * @param  list<Condition>  $made
     * @param  list<array{ValueChoice, non-empty-list<array-key>}>  $growing
     */
    private function found(array $made, array $growing): void
    {
        $conditions = [
            ...$made,
            ...array_map(static fn (array $one): Condition => $one[0]->condition($one[1]), $growing),
        ];
        // All of one is any of one, which says it more plainly.
        $isPlain = array_filter($growing, static fn (array $one): bool => $one[0]->how === HowMany::All
            && count($one[1]) === 1) === [];
        $rule = $conditions === [] || ! $isPlain ? null : ShortestRule::of([$conditions]);
        if ($rule !== null && ($this->best === null || Shortness::compare($rule, $this->best) < 0)) {
            $this->best = $rule;
        }
    }
}
