<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Checks;

use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\Subject;

/** Both ends are included; a page without the number fails. */
final readonly class InRange implements Check
{
    public function __construct(
        public Quantity $quantity,
        public ?int $min,
        public ?int $max,
    ) {
    }

    public function holds(Subject $subject): bool
    {
        $number = $subject->number($this->quantity);

        return $number !== null
            && ($this->min === null || $number >= $this->min)
            && ($this->max === null || $number <= $this->max);
    }
}
