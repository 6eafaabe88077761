<?php

declare(strict_types=1);

namespace Vestibra\Bench\Opponents;

use Vestibra\Bench\VerdictWorld;
use Vestibra\Core\Catalogue\CategoryTree;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Condition;

/**
 * All clauses of all templates in one line, so that the first that matches decides: the closest first, and of those as
 * close the earlier template. A clause that names categories of several depths comes once for each, with those alone.
 */
final class RankedCases
{
    /**
     * @return list<array{list<Condition>, int}> conditions, and the template from 1
     */
    public static function of(VerdictWorld $world): array
    {
        $ranked = [];
        foreach ($world->templates as $number => $clauses) {
            foreach ($clauses as $clause) {
                foreach (self::cases($clause, $world->tree) as [$conditions, $closeness]) {
                    $ranked[] = [$closeness, -$number, $conditions];
                }
            }
        }
        usort($ranked, static fn (array $one, array $other): int => [$other[0], $other[1]] <=> [$one[0], $one[1]]);

        return array_map(static fn (array $one): array => [$one[2], 1 - $one[1]], $ranked);
    }

    /** @return string PHP, true for a product `$p` that has what is asked */
    public static function test(Condition $condition): string
    {
        $value = $condition->values[0] ?? 0;
        $any = static fn (string $set): string => '('
            .implode(' || ', array_map(static fn (mixed $id): string => "isset(\$p['$set'][$id])", $condition->values))
            .')';

        return match ("$condition->field.$condition->comparison") {
            'category.isIn' => $any('within'),
            'tag.hasAnyOf' => $any('tags'),
            'brand.isOneOf' => "\$p['brand'] === $value",
            'price.atLeast' => "\$p['price'] >= $value",
            'price.atMost' => "\$p['price'] <= $value",
            'stock.atMost' => "\$p['stock'] <= $value",
            default => "\$p['sale'] === 1",
        };
    }

    /** @return list<array{list<Condition>, list<int>}> conditions, and how close they are */
    private static function cases(Clause $clause, CategoryTree $tree): array
    {
        $cases = [[[], 0]];
        foreach ($clause->conditions as $condition) {
            $next = [];
            foreach ($cases as [$conditions, $depth]) {
                foreach (self::byDepth($condition, $tree) as $more => $one) {
                    $next[] = [[...$conditions, $one], $depth + $more];
                }
            }
            $cases = $next;
        }
        $grouped = count(array_filter(
            $clause->conditions,
            static fn (Condition $one): bool => in_array($one->field, ['category', 'brand', 'tag'], true),
        ));

        return array_map(
            static fn (array $case): array => [$case[0], [0, $grouped, $case[1], count($case[0]) - $grouped]],
            $cases,
        );
    }

    /** @return array<int, Condition> */
    private static function byDepth(Condition $condition, CategoryTree $tree): array
    {
        if ($condition->field !== 'category') {
            return [$condition];
        }
        $byDepth = [];
        foreach ($condition->values as $id) {
            $byDepth[$tree->depth((int) $id)][] = $id;
        }

        return array_map(
            static fn (array $ids): Condition => new Condition('category', $condition->comparison, $ids),
            $byDepth,
        );
    }
}
