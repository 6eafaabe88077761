<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Short;

use Vestibra\Core\Reach\Condition;

/**
 * Finds the shortest rule that takes exactly some pages: at most two clauses of at most three conditions, each with at
 * most five values. Of rules that are as short the more lasting one wins (`Shortness`). Where the pages are many, not
 * every way to share them between two clauses is tried, so that a rule of two clauses may not be found.
 *
 * @api
 */
final class ShortRules
{
    /** So many wanted pages are shared between two clauses in every way. */
    private const FEW = 12;

    /** Clauses that are looked for where two share the pages. */
    private const MOST_LOOKS = 200;

    /** In a shop with more pages fewer are looked for: each takes as much longer. */
    private const PAGES = 4_000;

    private int $looks = 0;

    private readonly int $mostLooks;

    private ?ShortestRule $best = null;

    /** @var array<string, ShortestRule|null> */
    private array $known = [];

    private readonly ClauseSearch $search;

    /** @param  list<PlainChoice|ValueChoice>  $choices */
    private function __construct(
        private readonly array $choices,
        private readonly PageSet $wanted,
        PageSet $off,
    ) {
        $this->search = new ClauseSearch($choices, $off);
        $pages = $off->count();
        $this->mostLooks = $wanted->count() <= self::FEW && $pages <= self::PAGES
            ? PHP_INT_MAX
            : intdiv(self::MOST_LOOKS * self::PAGES, max(self::PAGES, $pages));
    }

    /**
     * @param  list<PlainChoice|ValueChoice>  $choices
     * @param  PageSet  $wanted  at least one page, and not all
     */
    public static function find(array $choices, PageSet $wanted, PageSet $all): ?ShortestRule
    {
        $off = $all->without($wanted);
        $one = (new ClauseSearch($choices, $off))->find($wanted, ClauseSearch::MOST_CONDITIONS);
        // Two clauses have two conditions at least: nothing is shorter than one clause of one.
        if ($wanted->isEmpty() || $one?->conditions === 1) {
            return $one;
        }

        return (new self($choices, $wanted, $off))->shared($one);
    }

    /**
     * The best rule of one clause with one condition, or as few more as it takes.
     *
     * @param  list<PlainChoice|ValueChoice>  $choices
     * @param  int  $most  conditions
     */
    public static function ofOne(array $choices, PageSet $wanted, PageSet $all, int $most = 1): ?ShortestRule
    {
        return (new ClauseSearch($choices, $all->without($wanted)))->find($wanted, $most);
    }

    private function shared(?ShortestRule $one): ?ShortestRule
    {
        $this->best = $one;
        for ($both = 2; $both <= 2 * ClauseSearch::MOST_CONDITIONS; $both++) {
            if ($this->best !== null && $this->best->conditions < $both) {
                break;
            }
            foreach (self::shares($both) as [$first, $second]) {
                $page = $this->wanted->first();
                $this->split(PageSet::of([(int) $page]), PageSet::none(), $first, $second);
            }
        }

        return $this->best;
    }

    /** @return list<array{int, int}> how many conditions each of the two has */
    private static function shares(int $both): array
    {
        $shares = [];
        for ($first = 1; $first < $both; $first++) {
            $first <= ClauseSearch::MOST_CONDITIONS
                && $both - $first <= ClauseSearch::MOST_CONDITIONS
                && $shares[] = [$first, $both - $first];
        }

        return $shares;
    }

    /** Some pages are the first clause's, some the second's, and those that neither takes yet go to one of them. */
    private function split(PageSet $ones, PageSet $others, int $first, int $second): void
    {
        $one = $this->clause($ones, $first);
        $other = $others->isEmpty() ? null : $this->clause($others, $second);
        if ($one === null || ($other === null && ! $others->isEmpty())) {
            return;
        }
        $left = $this->wanted->without($ones)->without($others);
        $taken = $this->pages($one)->or($other === null ? PageSet::none() : $this->pages($other));
        if ($other !== null && $taken->holds($this->wanted)) {
            $rule = ShortestRule::of([$one->clauses[0]->conditions, $other->clauses[0]->conditions]);
            if (count($rule->clauses) === 2
                && ($this->best === null || Shortness::compare($rule, $this->best) < 0)) {
                $this->best = $rule;
            }
        }
        $isFew = $this->wanted->count() <= self::FEW;
        $page = ($isFew ? $left : $left->without($taken))->first() ?? ($other === null ? $left->first() : null);
        if ($page === null) {
            return;
        }
        $more = PageSet::of([$page]);
        $this->split($ones, $others->or($more), $first, $second);
        $this->split($ones->or($more), $others, $first, $second);
    }

    private function clause(PageSet $pages, int $conditions): ?ShortestRule
    {
        $key = "$conditions ".implode(',', $pages->pages());
        if (! array_key_exists($key, $this->known)) {
            $this->known[$key] = $this->looks++ < $this->mostLooks
                ? $this->search->find($pages, $conditions)
                : null;
        }

        return $this->known[$key];
    }

    /** The pages that a clause takes. */
    private function pages(ShortestRule $rule): PageSet
    {
        $pages = null;
        foreach ($rule->clauses[0]->conditions as $condition) {
            $own = PageSet::none();
            foreach ($this->choices as $choice) {
                $own = $own->or(self::taken($choice, $condition, $this->wanted));
            }
            $pages = $pages === null ? $own : $pages->and($own);
        }

        return $pages ?? PageSet::none();
    }

    /** Of some pages those that a condition takes, where it is one of a choice. */
    private static function taken(
        PlainChoice|ValueChoice $choice,
        Condition $condition,
        PageSet $among,
    ): PageSet {
        if ($choice instanceof PlainChoice) {
            return $choice->condition->equals($condition) ? $choice->pages->and($among) : PageSet::none();
        }
        if ([$choice->field, $choice->comparison, $choice->of] !== [
            $condition->field, $condition->comparison, $condition->of,
        ]) {
            return PageSet::none();
        }
        $taken = $choice->how === HowMany::Any ? PageSet::none() : $among;
        foreach ($condition->values as $value) {
            $own = $choice->pages[$value] ?? PageSet::none();
            $taken = match ($choice->how) {
                HowMany::Any => $taken->or($own->and($among)),
                HowMany::All => $taken->and($own),
                HowMany::None => $taken->without($own),
            };
        }

        return $taken;
    }
}
