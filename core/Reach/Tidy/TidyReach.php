<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Tidy;

use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Comparison;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\ConditionValues;
use Vestibra\Core\Reach\Living;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\RuleFields;

/**
 * Rules without what was deleted. They match the same pages, as closely: a clause that can match nothing any more goes,
 * and deleted values go from beside living ones.
 *
 * @api
 */
final readonly class TidyReach
{
    public function __construct(
        private RuleFields $fields,
        private Living $living,
        private PageKind $kind,
    ) {
    }

    public function of(Reach $reach): Reach
    {
        return new Reach(
            $this->clauses($reach->show),
            $this->clauses($reach->keepOff),
            $reach->season,
            $reach->goesFirst,
        );
    }

    /**
     * @param  list<Clause>  $clauses
     * @return list<Clause>
     */
    private function clauses(array $clauses): array
    {
        return array_values(array_filter(array_map($this->clause(...), $clauses)));
    }

    /** @return Clause|null null where it can match nothing */
    private function clause(Clause $clause): ?Clause
    {
        $conditions = [];
        foreach ($clause->conditions as $condition) {
            $tidy = $this->condition($condition);
            if ($tidy === null) {
                return null;
            }
            $conditions[] = $tidy;
        }
        $tidy = Clause::of(...$conditions);

        // Conditions that have become one would count as one.
        return count($tidy->conditions) < count($clause->conditions) ? $clause : $tidy;
    }

    /** @return Condition|null null where it never holds */
    private function condition(Condition $condition): ?Condition
    {
        if ($condition->of !== null && $this->living->among($condition->field, [$condition->of]) === []) {
            return null;
        }
        $comparison = $this->fields->comparison($this->kind, $condition->field, $condition->comparison);
        if ($comparison?->takes !== ConditionValues::Names) {
            return $condition;
        }
        $things = $comparison->things ?? $condition->field;
        $living = array_values(array_filter(
            Comparison::ids($condition->values),
            fn (int $id): bool => $this->living->among($things, [$id]) !== [],
        ));
        $isWhole = count($living) === count($condition->values);

        return match (true) {
            $isWhole => $condition,
            $living === [] || $comparison->needsEveryValue() => null,
            default => new Condition($condition->field, $condition->comparison, $living, $condition->of),
        };
    }
}
