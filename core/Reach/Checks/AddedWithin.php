<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Checks;

use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Reach\Quantity;

/**
 * First published at most so many days ago; a day is 24 hours.
 *
 * @api
 */
final readonly class AddedWithin implements Check
{
    public function __construct(public int $days)
    {
    }

    public function holds(Features $features): bool
    {
        $added = $features->number(Quantity::Added);

        return $added !== null && $added <= $features->at && $features->at < $added + $this->days * 86_400;
    }
}
