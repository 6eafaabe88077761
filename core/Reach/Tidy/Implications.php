<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Tidy;

use Vestibra\Core\Catalogue\CategoryTree;
use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Checks\AddedWithin;
use Vestibra\Core\Reach\Checks\FactFilled;
use Vestibra\Core\Reach\Checks\FactHasAny;
use Vestibra\Core\Reach\Checks\FactInRange;
use Vestibra\Core\Reach\Checks\HasAll;
use Vestibra\Core\Reach\Checks\HasAny;
use Vestibra\Core\Reach\Checks\HasNoneOf;
use Vestibra\Core\Reach\Checks\HasNothing;
use Vestibra\Core\Reach\Checks\InRange;
use Vestibra\Core\Reach\Checks\OffersOption;
use Vestibra\Core\Reach\Checks\OffersValue;
use Vestibra\Core\Reach\Checks\RatedAtLeast;
use Vestibra\Core\Reach\Checks\TitleWords;
use Vestibra\Core\Reach\CompiledClause;

/**
 * Whether one rule holds every page that another holds, whatever pages there are. It is never wrong when it says yes;
 * where it cannot be seen from the rules alone, it says no.
 *
 * @internal
 */
final readonly class Implications
{
    public function __construct(private CategoryTree $tree)
    {
    }

    /** Every page that the first matches the other matches too. */
    public function ofClauses(CompiledClause $first, CompiledClause $other): bool
    {
        foreach ($other->conditions as $wanted) {
            foreach ($first->conditions as $given) {
                if ($this->ofChecks($given->check, $wanted->check)) {
                    continue 2;
                }
            }

            return false;
        }

        return true;
    }

    public function ofChecks(Check $given, Check $wanted): bool
    {
        return $given == $wanted || match ($wanted::class) {
            HasAny::class => $this->anyOf($given, $wanted),
            HasAll::class => array_diff($wanted->ids, self::has($given, $wanted->aspect)) === [],
            HasNoneOf::class => ($given instanceof HasNothing && $given->aspect === $wanted->aspect)
                || ($given instanceof HasNoneOf && $given->aspect === $wanted->aspect
                    && array_diff($wanted->ids, $given->ids) === []),
            InRange::class => $given instanceof InRange && $given->quantity === $wanted->quantity
                && self::within($given, $wanted),
            FactInRange::class => $given instanceof FactInRange && $given->factId === $wanted->factId
                && self::within($given, $wanted),
            FactHasAny::class => $given instanceof FactHasAny && $given->factId === $wanted->factId
                && array_diff($given->values, $wanted->values) === [],
            FactFilled::class => ($given instanceof FactHasAny || $given instanceof FactInRange)
                && $given->factId === $wanted->factId,
            OffersOption::class => $given instanceof OffersOption && array_diff($given->ids, $wanted->ids) === [],
            OffersValue::class => $given instanceof OffersValue && array_diff($given->ids, $wanted->ids) === [],
            AddedWithin::class => $given instanceof AddedWithin && $given->days <= $wanted->days,
            RatedAtLeast::class => $given instanceof RatedAtLeast && $given->tenths >= $wanted->tenths,
            TitleWords::class => $given instanceof TitleWords && self::begins($given->words, $wanted->words),
            default => false,
        };
    }

    /**
     * Which ids of an aspect a page has that has this one.
     *
     * @return list<int>
     */
    public function with(Aspect $aspect, int $id, Aspect $asked): array
    {
        return match (true) {
            $asked === Aspect::CategoryWithin
                && ($aspect === Aspect::CategoryWithin || $aspect === Aspect::CategoryExactly) =>
                $this->tree->upwards([$id]),
            $asked === $aspect => [$id],
            default => [],
        };
    }

    private function anyOf(Check $given, HasAny $wanted): bool
    {
        if (! $given instanceof HasAny && ! $given instanceof HasAll) {
            return false;
        }
        $leads = array_map(
            fn (int $id): bool => array_intersect($this->with($given->aspect, $id, $wanted->aspect), $wanted->ids)
                !== [],
            $given->ids,
        );

        return $given instanceof HasAll ? in_array(true, $leads, true) : ! in_array(false, $leads, true);
    }

    /** @return list<int> */
    private static function has(Check $given, Aspect $aspect): array
    {
        return match (true) {
            $given instanceof HasAll && $given->aspect === $aspect => $given->ids,
            $given instanceof HasAny && $given->aspect === $aspect && count($given->ids) === 1 => $given->ids,
            default => [],
        };
    }

    private static function within(InRange|FactInRange $given, InRange|FactInRange $wanted): bool
    {
        return ($wanted->min === null || ($given->min !== null && $given->min >= $wanted->min))
            && ($wanted->max === null || ($given->max !== null && $given->max <= $wanted->max));
    }

    /**
     * @param  non-empty-list<string>  $words
     * @param  non-empty-list<string>  $wanted
     */
    private static function begins(array $words, array $wanted): bool
    {
        foreach ($wanted as $one) {
            if (array_filter($words, static fn (string $word): bool => str_starts_with($word, $one)) === []) {
                return false;
            }
        }

        return true;
    }
}
