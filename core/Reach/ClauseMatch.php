<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/** @internal */
final readonly class ClauseMatch
{
    /** @param  int  $clause its number among the *show on* clauses, from 0 */
    public function __construct(
        public int $clause,
        public Closeness $closeness,
    ) {
    }
}
