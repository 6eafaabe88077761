<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Checks;

use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Subject;

final readonly class HasAll implements Check
{
    /** @param  list<int>  $ids */
    public function __construct(
        public Aspect $aspect,
        public array $ids,
    ) {
    }

    public function holds(Subject $subject): bool
    {
        foreach ($this->ids as $id) {
            if (! $subject->has($this->aspect, $id)) {
                return false;
            }
        }

        return true;
    }
}
