<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/** What a condition can look at. One class each, listed in Fields. */
interface Field
{
    /** The name in stored rules, such as `category`. */
    public function name(): string;

    /** @return list<Comparison> on pages of a kind; the first is what the interface offers first; none where pages do not have it */
    public function comparisons(PageKind $kind): array;
}
