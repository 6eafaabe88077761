<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Checks;

use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Reach\Quantity;

/**
 * The sum of the stars is at least the value times the number of reviews; nothing is rounded.
 *
 * @api
 */
final readonly class RatedAtLeast implements Check
{
    /** @param  int  $tenths the value in tenths of a star */
    public function __construct(public int $tenths)
    {
    }

    public function holds(Features $features): bool
    {
        $reviews = $features->number(Quantity::Reviews) ?? 0;

        return $reviews > 0 && $features->starSum() * 10 >= $this->tenths * $reviews;
    }
}
