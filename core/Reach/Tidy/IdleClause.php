<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Tidy;

/**
 * A *show on* clause that decides nothing: another holds every page that it holds, now and later.
 *
 * @api
 */
final readonly class IdleClause
{
    /**
     * @param  int  $clause  its place among the *show on* clauses
     * @param  int  $heldBy  the template whose clause holds all of it; its own, where that is another clause of it
     */
    public function __construct(
        public int $templateId,
        public int $clause,
        public int $heldBy,
        public int $heldByClause,
    ) {
    }
}
