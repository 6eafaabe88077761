<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Tidy;

use Vestibra\Core\Catalogue\CategoryTree;
use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\Checks\HasAll;
use Vestibra\Core\Reach\Checks\HasAny;
use Vestibra\Core\Reach\Checks\NeverHolds;
use Vestibra\Core\Reach\Closeness;
use Vestibra\Core\Reach\CompiledClause;
use Vestibra\Core\Reach\CompiledReach;
use Vestibra\Core\Reach\Season;

/**
 * Finds clauses without which every page, now and later, has the template that it has: each of them by itself can be
 * taken out. A clause is idle when another clause of its template or of one that comes before it on all of these pages
 * holds them too. What cannot be seen from the rules alone is not found.
 *
 * @api
 */
final class IdleClauses
{
    /** Where clauses stand that need nothing that a page can be looked up by. */
    private const ANYWHERE = 0;

    private readonly Implications $implies;

    /** @var array<int, list<array{int, int}>> token => candidate and clause, by the first ids that it needs */
    private array $byToken = [];

    /** @param  list<Candidate>  $live  templates that are live, in hand order */
    private function __construct(
        private readonly array $live,
        CategoryTree $tree,
    ) {
        $this->implies = new Implications($tree);
        foreach ($live as $at => $candidate) {
            foreach ($candidate->reach->show as $number => $clause) {
                if (! self::isDead($clause)) {
                    foreach (self::leads($clause) as $token) {
                        $this->byToken[$token][] = [$at, $number];
                    }
                }
            }
        }
    }

    /**
     * @param  list<Candidate>  $candidates  all templates of a kind of page, in hand order
     * @return list<IdleClause> the first that holds it, for each
     */
    public static function find(array $candidates, CategoryTree $tree): array
    {
        $finder = new self(
            array_values(array_filter($candidates, static fn (Candidate $one): bool => $one->live)),
            $tree,
        );
        $found = [];
        foreach ($finder->live as $at => $candidate) {
            foreach ($candidate->reach->show as $number => $clause) {
                $held = self::isDead($clause) ? null : $finder->held($at, $number);
                if ($held !== null) {
                    $found[] = new IdleClause(
                        $candidate->templateId,
                        $number,
                        $finder->live[$held[0]]->templateId,
                        $held[1],
                    );
                }
            }
        }

        return $found;
    }

    /** @return array{int, int}|null the candidate and its clause */
    private function held(int $at, int $number): ?array
    {
        $clause = $this->live[$at]->reach->show[$number];
        foreach ($this->near($clause) as [$otherAt, $otherNumber]) {
            $other = $this->live[$otherAt]->reach->show[$otherNumber];
            $isHeld = match (true) {
                ! $this->implies->ofClauses($clause, $other) => false,
                $otherAt !== $at => $this->comesFirst($otherAt, $other, $at, $clause),
                // Of two that hold the same the earlier one stays.
                $otherNumber === $number
                    || ($otherNumber > $number && $this->implies->ofClauses($other, $clause)) => false,
                default => $this->comesToTheSame($at, $clause, $other),
            };
            if ($isHeld) {
                return [$otherAt, $otherNumber];
            }
        }

        return null;
    }

    /** @return list<array{int, int}> those that may hold all of it: they need nothing that it does not give */
    private function near(CompiledClause $clause): array
    {
        $tokens = [self::ANYWHERE => true];
        foreach ($clause->conditions as $condition) {
            $check = $condition->check;
            if (! $check instanceof HasAny && ! $check instanceof HasAll) {
                continue;
            }
            foreach ($check->ids as $id) {
                foreach ([$check->aspect, Aspect::CategoryWithin] as $asked) {
                    foreach ($this->implies->with($check->aspect, $id, $asked) as $one) {
                        $tokens[$asked->token($one)] = true;
                    }
                }
            }
        }
        $near = [];
        foreach (array_intersect_key($this->byToken, $tokens) as $clauses) {
            foreach ($clauses as [$at, $number]) {
                $near["$at $number"] = [$at, $number];
            }
        }
        usort($near, static fn (array $one, array $other): int => $one <=> $other);

        return $near;
    }

    /** @return non-empty-list<int> tokens of which every page has one that it matches */
    private static function leads(CompiledClause $clause): array
    {
        foreach ($clause->conditions as $condition) {
            if ($condition->check instanceof HasAny || $condition->check instanceof HasAll) {
                $tokens = array_map($condition->check->aspect->token(...), $condition->check->ids);

                return $tokens === [] ? [self::ANYWHERE] : $tokens;
            }
        }

        return [self::ANYWHERE];
    }

    /** On every page of the clause, the other template wins against this one. */
    private function comesFirst(int $otherAt, CompiledClause $other, int $at, CompiledClause $clause): bool
    {
        [$one, $before] = [$this->live[$at]->reach, $this->live[$otherAt]->reach];
        if (! self::covers($before->season, $one->season) || ! $this->keepsOffNoMore($before, $one)) {
            return false;
        }
        if ($before->goesFirst !== $one->goesFirst) {
            return $before->goesFirst;
        }
        $order = self::isAlike($clause, $other)
            ? 0
            : self::least($other)->compare($clause->bound());

        return $order > 0 || ($order === 0 && $otherAt < $at);
    }

    /** Whether the template wins the same pages by its other clause: no rule stands between the two. */
    private function comesToTheSame(int $at, CompiledClause $clause, CompiledClause $other): bool
    {
        $least = self::least($other);
        $most = $clause->bound();
        if (self::isAlike($clause, $other) || $least->compare($most) >= 0) {
            return true;
        }
        foreach ($this->live as $rivalAt => $rival) {
            if ($rivalAt === $at || $rival->reach->goesFirst !== $this->live[$at]->reach->goesFirst) {
                continue;
            }
            foreach ($rival->reach->show as $between) {
                if (self::least($between)->compare($most) <= 0 && $between->bound()->compare($least) >= 0) {
                    return false;
                }
            }
        }

        return true;
    }

    /** Whatever the first keeps off the other keeps off too. */
    private function keepsOffNoMore(CompiledReach $first, CompiledReach $other): bool
    {
        foreach ($first->keepOff as $clause) {
            $same = self::isDead($clause) || array_filter(
                $other->keepOff,
                fn (CompiledClause $one): bool => $this->implies->ofClauses($clause, $one),
            ) !== [];
            if (! $same) {
                return false;
            }
        }

        return true;
    }

    private static function covers(Season $long, Season $short): bool
    {
        return ($long->from === null || ($short->from !== null && $short->from >= $long->from))
            && ($long->until === null || ($short->until !== null && $short->until <= $long->until));
    }

    private static function isDead(CompiledClause $clause): bool
    {
        foreach ($clause->conditions as $condition) {
            if ($condition->check instanceof NeverHolds) {
                return true;
            }
        }

        return false;
    }

    /** As close as one another on every page. */
    private static function isAlike(CompiledClause $one, CompiledClause $other): bool
    {
        return $one->conditions == $other->conditions;
    }

    /** The least closeness that it can have on a page that it matches. */
    private static function least(CompiledClause $clause): Closeness
    {
        $depth = 0;
        foreach ($clause->conditions as $condition) {
            $depth += $condition->depths === [] ? 0 : min($condition->depths);
        }

        return new Closeness($clause->named, $clause->grouped, $depth, $clause->narrowed);
    }
}
