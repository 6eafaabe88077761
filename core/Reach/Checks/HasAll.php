<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Checks;

use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Features;

/** @api */
final readonly class HasAll implements Check
{
    /** @param  list<int>  $ids */
    public function __construct(
        public Aspect $aspect,
        public array $ids,
    ) {
    }

    public function holds(Features $features): bool
    {
        foreach ($this->ids as $id) {
            if (! $features->has($this->aspect, $id)) {
                return false;
            }
        }

        return true;
    }
}
