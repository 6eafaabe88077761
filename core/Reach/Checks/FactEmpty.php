<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Checks;

use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Features;

/** @api */
final readonly class FactEmpty implements Check
{
    public function __construct(public int $factId)
    {
    }

    public function holds(Features $features): bool
    {
        return ! isset($features->facts[$this->factId]);
    }
}
