<?php

declare(strict_types=1);

namespace Vestibra\Core\Releases;

use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Reach;

/**
 * Reads a reach as releases hold it.
 *
 * @api
 */
interface StoredReaches
{
    /** @param  mixed  $reach  as it is stored */
    public function reach(mixed $reach, PageKind $kind): Reach;
}
