<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * A check that looks at one variant at a time. Several of them in one clause must hold for one and the same variant.
 *
 * @api
 */
interface VariantCheck extends Check
{
    /** @param  array<int, int>  $values option id => value id of a variant */
    public function fits(array $values): bool;
}
