<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use Vestibra\Core\Pages\PageKind;

/**
 * Collections by rule, judged with the same evaluator at the same instant as everything else.
 *
 * @api
 */
final readonly class RuleCollections
{
    /** @param  array<int, CompiledReach>  $reaches  by collection id, those that others name before the others */
    private function __construct(public array $reaches)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /**
     * @param  array<int, Reach>  $rules  by collection id
     * @return self|list<int> the ids of a cycle, where there is one
     */
    public static function of(array $rules, ReachCompiler $compiler): self|array
    {
        $reaches = [];
        while (count($reaches) < count($rules)) {
            $ready = array_filter(
                array_diff_key($rules, $reaches),
                static fn (Reach $rule): bool =>
                    array_diff(array_intersect(self::named($rule), array_keys($rules)), array_keys($reaches)) === [],
            );
            if ($ready === []) {
                return self::cycle(array_diff_key($rules, $reaches));
            }
            foreach ($ready as $id => $rule) {
                $reaches[$id] = $compiler->compile($rule);
            }
        }

        return new self($reaches);
    }

    /** The page with the collections that it is in by rule; only products are. */
    public function judge(Features $features): Features
    {
        if ($features->kind !== PageKind::Product) {
            return $features;
        }
        foreach ($this->reaches as $id => $reach) {
            if ($reach->match($features) !== null) {
                $features = $features->alsoInCollections([$id]);
            }
        }

        return $features;
    }

    /** @return list<int> the collections that a rule names */
    private static function named(Reach $rule): array
    {
        $ids = [];
        foreach ([...$rule->show, ...$rule->keepOff] as $clause) {
            foreach ($clause->conditions as $condition) {
                if ($condition->field === 'collection') {
                    array_push($ids, ...Comparison::ids($condition->values));
                }
            }
        }

        return $ids;
    }

    /**
     * @param  array<int, Reach>  $rules  each of which waits for another of them
     * @return list<int>
     */
    private static function cycle(array $rules): array
    {
        $path = [];
        $id = array_key_first($rules);
        while ($id !== null && ! in_array($id, $path, true)) {
            $path[] = $id;
            $next = array_values(array_intersect(self::named($rules[$id]), array_keys($rules)));
            $id = $next[0] ?? null;
        }

        return array_slice($path, (int) array_search($id, $path, true));
    }
}
