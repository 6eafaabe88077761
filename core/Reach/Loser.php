<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * A template that did not win, with the first reason that applies.
 *
 * @api
 */
final readonly class Loser
{
    /**
     * @param  int|null  $clause  the clause the reason speaks of: of *keep off* for KeptOff, else of *show on*
     * @param  list<Condition>  $failed  for NoClauseMatched: what did not hold in that clause
     * @param  bool  $wouldWin  for NotLive: it would win this page if it were published; for OutOfSeason: within its
     *     season
     */
    public function __construct(
        public int $templateId,
        public Reason $reason,
        public ?int $clause = null,
        public ?Closeness $closeness = null,
        public array $failed = [],
        public bool $wouldWin = false,
    ) {
    }
}
