<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Checks;

use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Features;

/**
 * A number or date of the product lies between two ends, both included.
 *
 * @api
 */
final readonly class FactInRange implements Check
{
    public function __construct(
        public int $factId,
        public ?int $min,
        public ?int $max,
    ) {
    }

    public function holds(Features $features): bool
    {
        foreach ($features->facts[$this->factId] ?? [] as $own) {
            if (is_int($own)
                && ($this->min === null || $own >= $this->min)
                && ($this->max === null || $own <= $this->max)) {
                return true;
            }
        }

        return false;
    }
}
