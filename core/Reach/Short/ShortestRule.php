<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Short;

use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Condition;

/**
 * Clauses in the one order in which such a rule is written, with what rules are compared by.
 *
 * @api
 */
final readonly class ShortestRule
{
    /**
     * @param  non-empty-list<Clause>  $clauses
     * @param  list<int>  $fleeting  how fleeting each condition is, the most fleeting first
     */
    private function __construct(
        public array $clauses,
        public int $conditions,
        public array $fleeting,
        public string $written,
    ) {
    }

    /** @param  non-empty-list<list<Condition>>  $parts  the conditions of each clause */
    public static function of(array $parts): self
    {
        $clauses = [];
        foreach ($parts as $conditions) {
            usort($conditions, static fn (Condition $one, Condition $other): int => [
                Shortness::rank($one), Shortness::written($one),
            ] <=> [Shortness::rank($other), Shortness::written($other)]);
            $clauses[] = Clause::of(...$conditions);
        }
        usort($clauses, static fn (Clause $one, Clause $other): int =>
            Shortness::written($one) <=> Shortness::written($other));
        $all = array_merge([], ...array_map(static fn (Clause $clause): array => $clause->conditions, $clauses));
        $fleeting = array_map(Shortness::rank(...), $all);
        rsort($fleeting);

        return new self($clauses, count($all), $fleeting, implode('', array_map(Shortness::written(...), $clauses)));
    }
}
