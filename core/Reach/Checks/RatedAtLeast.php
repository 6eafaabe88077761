<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Checks;

use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\Subject;

/** The sum of the stars is at least the value times the number of reviews; nothing is rounded. */
final readonly class RatedAtLeast implements Check
{
    /** @param  int  $tenths the value in tenths of a star */
    public function __construct(public int $tenths)
    {
    }

    public function holds(Subject $subject): bool
    {
        $reviews = $subject->number(Quantity::Reviews) ?? 0;

        return $reviews > 0 && $subject->starSum() * 10 >= $this->tenths * $reviews;
    }
}
