<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use Vestibra\Core\Reach\Checks\HasAll;
use Vestibra\Core\Reach\Checks\HasAny;
use Vestibra\Core\Reach\Checks\NeverHolds;

/**
 * A clause for those pages that lie in certain of the categories it names, so that its closeness is one. A clause that
 * names categories of several depths has several variants; the closest that matches is the clause's own closeness.
 *
 * @api
 */
final readonly class ClauseVariant
{
    private const MOST_PAIRS = 64;

    /**
     * @param  list<array{int|null, int|null}>  $anchors  tokens of which a page must have all of at least one pair
     * @param  list<int>  $needs  tokens it must have besides
     * @param  list<Check>  $asks  what has to be asked besides
     * @param  list<Check>  $checks  all that has to hold, for whoever does not go by tokens
     */
    private function __construct(
        public Closeness $closeness,
        public array $anchors,
        public array $needs,
        public array $asks,
        public array $checks,
    ) {
    }

    /** @return list<self> none where a condition can never hold */
    public static function of(CompiledClause $clause): array
    {
        /** @var list<array{int, list<HasAny>, list<Check>}> $cases depth so far, the sets it lies in, other checks */
        $cases = [[0, [], $clause->together === null ? [] : [$clause->together]]];
        foreach ($clause->conditions as $condition) {
            $check = $condition->check;
            if ($check instanceof NeverHolds) {
                return [];
            }
            if ($clause->together !== null && $check instanceof VariantCheck) {
                continue;
            }
            $cases = self::with($cases, $condition);
        }

        return array_map(static fn (array $case): self => self::case($clause, ...$case), $cases);
    }

    /**
     * @param  list<array{int, list<HasAny>, list<Check>}>  $cases
     * @return list<array{int, list<HasAny>, list<Check>}>
     */
    private static function with(array $cases, CompiledCondition $condition): array
    {
        $check = $condition->check;
        $next = [];
        foreach ($cases as [$depth, $sets, $asks]) {
            if ($check instanceof HasAny) {
                foreach (self::byDepth($condition) as $more => $ids) {
                    $next[] = [$depth + $more, [...$sets, new HasAny($check->aspect, $ids)], $asks];
                }
            } elseif ($check instanceof HasAll) {
                $next[] = [
                    $depth,
                    [
                        ...$sets,
                        ...array_map(static fn (int $id): HasAny => new HasAny($check->aspect, [$id]), $check->ids),
                    ],
                    $asks,
                ];
            } else {
                $next[] = [$depth, $sets, [...$asks, $check]];
            }
        }

        return $next;
    }

    /** @return array<int, non-empty-list<int>> depth => the ids it names that are that deep */
    private static function byDepth(CompiledCondition $condition): array
    {
        $byDepth = [];
        foreach ($condition->check instanceof HasAny ? $condition->check->ids : [] as $id) {
            $byDepth[$condition->depths[$id] ?? 0][] = $id;
        }

        return $byDepth;
    }

    /**
     * @param  list<HasAny>  $sets
     * @param  list<Check>  $asks
     */
    private static function case(CompiledClause $clause, int $depth, array $sets, array $asks): self
    {
        $checks = [...$sets, ...$asks];
        usort($sets, static fn (HasAny $one, HasAny $other): int => count($one->ids) <=> count($other->ids)
            ?: $other->aspect->value <=> $one->aspect->value);
        $first = array_shift($sets);
        $second = $sets !== [] && $first !== null && count($first->ids) * count($sets[0]->ids) <= self::MOST_PAIRS
            ? array_shift($sets)
            : null;
        if ($first !== null && $second !== null && $second->aspect->value > $first->aspect->value) {
            [$first, $second] = [$second, $first];
        }
        $anchors = [];
        foreach ($first === null ? [null] : self::tokens($first) as $one) {
            foreach ($second === null ? [null] : self::tokens($second) as $other) {
                $anchors[] = [$one, $other];
            }
        }
        $needs = [];
        foreach ($sets as $set) {
            if (count($set->ids) === 1) {
                array_push($needs, ...self::tokens($set));
            } else {
                array_unshift($asks, $set);
            }
        }

        return new self(
            new Closeness($clause->named, $clause->grouped, $depth, $clause->narrowed),
            $anchors,
            $needs,
            $asks,
            $checks,
        );
    }

    /** @return list<int> */
    private static function tokens(HasAny $set): array
    {
        return array_map($set->aspect->token(...), $set->ids);
    }
}
