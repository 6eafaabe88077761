<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * The answer for one page: the winning template, what decided it, and why each other one lost.
 *
 * @api
 */
final readonly class Verdict
{
    /**
     * @param  int|null  $clause  the winning *show on* clause, where a clause decided
     * @param  list<Loser>  $losers  in hand order; empty when reasons were not asked for
     * @param  bool  $pinSkipped  the page is pinned to a template that is not live
     * @param  int|null  $until  the instant until which it cannot change by the clock alone, in seconds of Unix time
     * @param  bool  $unruled  no rule took the page, so that it fell to the fallback: also where that one has a clause
     *     for every page
     */
    public function __construct(
        public int $templateId,
        public DecidedBy $step,
        public ?int $clause = null,
        public ?Closeness $closeness = null,
        public array $losers = [],
        public bool $pinSkipped = false,
        public ?int $until = null,
        public bool $unruled = false,
    ) {
    }
}
