<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Checks;

use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\Subject;

/** First published at most so many days ago; a day is 24 hours. */
final readonly class AddedWithin implements Check
{
    public function __construct(public int $days)
    {
    }

    public function holds(Subject $subject): bool
    {
        $added = $subject->number(Quantity::Added);

        return $added !== null && $added <= $subject->at && $subject->at < $added + $this->days * 86_400;
    }
}
