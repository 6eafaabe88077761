<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Checks;

use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Features;

/** @api */
final readonly class HasNothing implements Check
{
    public function __construct(public Aspect $aspect)
    {
    }

    public function holds(Features $features): bool
    {
        return $features->hasNothing($this->aspect);
    }
}
