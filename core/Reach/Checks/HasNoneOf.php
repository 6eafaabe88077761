<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Checks;

use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Features;

/**
 * Holds too where the page has none of the aspect; fails where it cannot have any.
 *
 * @api
 */
final readonly class HasNoneOf implements Check
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
            if ($features->has($this->aspect, $id)) {
                return false;
            }
        }

        return $features->knows($this->aspect);
    }
}
