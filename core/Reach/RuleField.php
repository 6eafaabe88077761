<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * What a condition can look at. One class each, listed in Fields.
 *
 * @internal
 */
interface RuleField
{
    /** The name in stored rules, such as `category`. */
    public function name(): string;

    /** @return list<Comparison> all of them; which a kind of page has, it says itself */
    public function comparisons(): array;
}
