<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Checks;

use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Features;

/**
 * A dead condition, or one that asks for something deleted: it does not hold, whatever its comparison.
 *
 * @api
 */
final readonly class NeverHolds implements Check
{
    public function holds(Features $features): bool
    {
        return false;
    }
}
