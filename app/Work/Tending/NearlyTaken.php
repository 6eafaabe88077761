<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Tending;

use Vestibra\App\Reach\Rules\KindRules;
use Vestibra\App\Work\Finding\FoundPages;
use Vestibra\App\Work\Finding\PageFilter;
use Vestibra\App\Work\Finding\Sql\FoundPageRows;
use Vestibra\App\Work\Tending\Sql\TendedRows;
use Vestibra\Core\Reach\CompiledClause;
use Vestibra\Core\Reach\CompiledCondition;
use Vestibra\Core\Reach\CompiledReach;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Season;
use Vestibra\Core\Reach\Short\PageSet;
use Vestibra\Core\Reach\VariantCheck;

/**
 * Pages that only the fallback takes though a rule nearly does: every condition but one holds. The one that is missing
 * is of what a page is (its category, brand, collection, tag or fact), never of what changes by itself, such as
 * price or stock; and one of what a page is holds.
 *
 * @phpstan-type Near array{template: int, missing: Condition, held: list<Condition>, count: int, keptOff: int}
 *     keptOff: pages on the fallback that fit the rule wholly, and are kept off
 */
final readonly class NearlyTaken
{
    private const LASTING = ['category', 'brand', 'collection', 'tag', 'fact'];

    /** What a page has not, rather than what it has. */
    private const WITHOUT = ['isNoneOf', 'hasNoneOf', 'hasNone', 'isEmpty'];

    /** Conditions are asked of all pages on the fallback, one query each. */
    private const MOST_CONDITIONS = 300;

    public function __construct(private FoundPages $found)
    {
    }

    /** @return list<Near> those with most pages first */
    public function of(KindRules $rules): array
    {
        $clauses = $this->clauses($rules);
        $onFallback = $clauses === []
            ? PageSet::none()
            : PageSet::of(
                FoundPageRows::numbers($this->found->all(new PageFilter($rules->pages->kind(), step: 'fallback'))),
            );
        $near = $sets = [];
        foreach ($onFallback->isEmpty() ? [] : $clauses as [$template, $clause]) {
            foreach ($clause->conditions as $condition) {
                $key = serialize($condition->condition);
                if (! isset($sets[$key])) {
                    if (count($sets) >= self::MOST_CONDITIONS) {
                        break 2;
                    }
                    $sets[$key] = $onFallback->and(PageSet::of(TendedRows::ids($rules, new CompiledReach(
                        [new CompiledClause([$condition])],
                        [],
                        Season::always(),
                    ))));
                }
            }
            array_push($near, ...self::missing($template, $clause, $onFallback, $sets));
        }
        usort($near, static fn (array $one, array $other): int => $other['count'] <=> $one['count']);

        return $near;
    }

    /** @return list<array{int, CompiledClause}> that a page may nearly fit */
    private function clauses(KindRules $rules): array
    {
        $clauses = [];
        foreach ($rules->candidates as $candidate) {
            if ($candidate->templateId !== $rules->fallbackId && $candidate->reach->season->holds($rules->at)) {
                foreach ($candidate->reach->show as $clause) {
                    // Two options have to be those of one variant, which sets of pages do not say.
                    count($clause->conditions) > 1
                        && $clause->together === null
                        && array_filter($clause->conditions, self::isLasting(...)) !== []
                        && $clauses[] = [$candidate->templateId, $clause];
                }
            }
        }

        return $clauses;
    }

    /**
     * @param  array<string, PageSet>  $sets  of the pages on the fallback, those that fit each condition
     * @return list<Near>
     */
    private static function missing(int $template, CompiledClause $clause, PageSet $onFallback, array $sets): array
    {
        $near = [];
        foreach ($clause->conditions as $at => $missing) {
            $others = $clause->conditions;
            unset($others[$at]);
            if (! self::isLasting($missing) || array_filter($others, self::isLasting(...)) === []) {
                continue;
            }
            $fit = array_reduce(
                $others,
                static fn (PageSet $left, CompiledCondition $one): PageSet => $left->and(
                    $sets[serialize($one->condition)],
                ),
                $onFallback,
            );
            $lacking = $fit->without($sets[serialize($missing->condition)])->count();
            if ($lacking > 0) {
                $near[] = [
                    'template' => $template,
                    'missing' => $missing->condition,
                    'held' => array_column($others, 'condition'),
                    'count' => $lacking,
                    'keptOff' => $fit->count() - $lacking,
                ];
            }
        }

        return $near;
    }

    private static function isLasting(CompiledCondition $condition): bool
    {
        return ! $condition->isTorn
            && ! $condition->check instanceof VariantCheck
            && in_array($condition->condition->field, self::LASTING, true)
            && ! in_array($condition->condition->comparison, self::WITHOUT, true);
    }
}
