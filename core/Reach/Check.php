<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * A condition made ready to run: deleted names are gone from it, it cannot fail. The database version of a
 * condition is compiled from the same object.
 *
 * @api
 */
interface Check
{
    public function holds(Features $features): bool;
}
