<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Reach\Short;

use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Short\HowMany;
use Vestibra\Core\Reach\Short\PageSet;
use Vestibra\Core\Reach\Short\PlainChoice;
use Vestibra\Core\Reach\Short\ShortestRule;
use Vestibra\Core\Reach\Short\Shortness;
use Vestibra\Core\Reach\Short\ValueChoice;

/** Every condition, every clause of them and every two clauses are made, and the best that fits is taken. */
final class EveryRule
{
    /** @param  list<PlainChoice|ValueChoice>  $choices */
    public static function best(array $choices, PageSet $wanted, PageSet $all): ?ShortestRule
    {
        $pages = $all->pages();
        $number = static fn (PageSet $set): int => array_sum(array_map(
            static fn (int $at): int => $set->has($pages[$at]) ? 1 << $at : 0,
            array_keys($pages),
        ));
        $every = $number($all);
        $goal = $number($wanted);
        $conditions = [];
        foreach ($choices as $choice) {
            array_push($conditions, ...self::conditions($choice, $number, $every));
        }
        $clauses = [];
        self::clauses($conditions, 0, [], $every, $goal, $clauses);
        $best = null;
        foreach ($clauses as $of => $rules) {
            foreach ($of === $goal ? $rules : [] as $rule) {
                $best = $best === null || Shortness::compare($rule, $best) < 0 ? $rule : $best;
            }
        }
        foreach ($clauses as $one => $rules) {
            foreach ($clauses as $other => $others) {
                if ($one < $other && ($one | $other) === $goal) {
                    foreach ($rules as $rule) {
                        foreach ($others as $second) {
                            $both = ShortestRule::of([$rule->clauses[0]->conditions, $second->clauses[0]->conditions]);
                            $best = $best === null || Shortness::compare($both, $best) < 0 ? $both : $best;
                        }
                    }
                }
            }
        }

        return $best;
    }

    /**
     * @param  callable(PageSet): int  $number
     * @return list<array{Condition, int}>
     */
    private static function conditions(PlainChoice|ValueChoice $choice, callable $number, int $every): array
    {
        if ($choice instanceof PlainChoice) {
            return [[$choice->condition, $number($choice->pages)]];
        }
        $made = [];
        $values = array_keys($choice->pages);
        for ($which = 1; $which < 1 << count($values); $which++) {
            $some = array_values(array_filter(
                $values,
                static fn (int $at): bool => ($which >> $at & 1) === 1,
                ARRAY_FILTER_USE_KEY,
            ));
            if (count($some) > 5 || ($choice->how === HowMany::All && count($some) === 1)) {
                continue;
            }
            $any = $common = null;
            foreach ($some as $value) {
                $own = $number($choice->pages[$value]);
                $any = ($any ?? 0) | $own;
                $common = ($common ?? $every) & $own;
            }
            $made[] = [$choice->condition($some), match ($choice->how) {
                HowMany::Any => (int) $any,
                HowMany::All => (int) $common,
                HowMany::None => $every & ~(int) $any,
            }];
        }

        return $made;
    }

    /**
     * @param  list<array{Condition, int}>  $conditions
     * @param  list<Condition>  $made
     * @param  array<int, array<int, ShortestRule>>  $clauses  the best by what it takes and by the number of its
     *     conditions
     */
    private static function clauses(
        array $conditions,
        int $from,
        array $made,
        int $taken,
        int $goal,
        array &$clauses,
    ): void {
        if ($made !== [] && ($taken & ~$goal) === 0 && $taken !== 0) {
            $rule = ShortestRule::of([$made]);
            $best = $clauses[$taken][$rule->conditions] ?? null;
            if ($best === null || Shortness::compare($rule, $best) < 0) {
                $clauses[$taken][$rule->conditions] = $rule;
            }
        }
        for ($at = $from; count($made) < 3 && $at < count($conditions); $at++) {
            self::clauses(
                $conditions,
                $at + 1,
                [...$made, $conditions[$at][0]],
                $taken & $conditions[$at][1],
                $goal,
                $clauses,
            );
        }
    }
}
