<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Checks;

use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Reach\Quantity;

/**
 * Both ends are included; a page without the number fails.
 *
 * @api
 */
final readonly class InRange implements Check
{
    public function __construct(
        public Quantity $quantity,
        public ?int $min,
        public ?int $max,
    ) {
    }

    public function holds(Features $features): bool
    {
        $number = $features->number($this->quantity);

        return $number !== null
            && ($this->min === null || $number >= $this->min)
            && ($this->max === null || $number <= $this->max);
    }
}
