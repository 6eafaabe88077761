<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use LogicException;
use Vestibra\Core\Catalogue\CategoryTree;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Checks\NeverHolds;

/**
 * Turns a stored reach into one that runs, leaving out what has been deleted since.
 *
 * @api
 */
final readonly class ReachCompiler
{
    public function __construct(
        private RuleFields $fields,
        private CategoryTree $tree,
        private Living $living,
        private PageKind $kind,
    ) {
    }

    public function compile(Reach $reach): CompiledReach
    {
        return new CompiledReach(
            array_map($this->clause(...), $reach->show),
            array_map($this->clause(...), $reach->keepOff),
            $reach->season,
            $reach->goesFirst,
        );
    }

    private function clause(Clause $clause): CompiledClause
    {
        return new CompiledClause(array_map($this->condition(...), $clause->conditions));
    }

    private function condition(Condition $condition): CompiledCondition
    {
        $comparison = $this->fields->comparison($this->kind, $condition->field, $condition->comparison)
            ?? throw new LogicException("A stored rule compares {$condition->field} by {$condition->comparison}.");
        $values = $comparison->takes === ConditionValues::Names
            ? $this->living->among($comparison->things ?? $condition->field, Comparison::ids($condition->values))
            : $condition->values;
        $dead = ($comparison->takesValues() && $values === [])
            || ($condition->of !== null && $this->living->among($condition->field, [$condition->of]) === []);
        $cannotHold = $dead
            || ($comparison->needsEveryValue() && count($values) < count($condition->values));

        return new CompiledCondition(
            $condition,
            $cannotHold ? new NeverHolds : $comparison->check($values, $condition),
            $comparison->weight,
            $dead,
            $condition->field === 'category' ? $this->depths(Comparison::ids($values)) : [],
            $dead || ($comparison->takes === ConditionValues::Names && $this->isTorn(
                $comparison->things ?? $condition->field,
                Comparison::ids($condition->values),
                count($values),
            )),
        );
    }

    /** @param  list<int>  $ids */
    private function isTorn(string $things, array $ids, int $living): bool
    {
        foreach ($living < count($ids) ? $ids : [] as $id) {
            if ($this->living->among($things, [$id]) === []) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<int>  $categoryIds
     * @return array<int, int>
     */
    private function depths(array $categoryIds): array
    {
        $depths = [];
        foreach ($categoryIds as $id) {
            $depths[$id] = $this->tree->depth($id);
        }

        return $depths;
    }
}
