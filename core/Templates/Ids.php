<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * Where new blocks get their ids from.
 *
 * @api
 */
interface Ids
{
    /** @return string lower case letters and digits, new in any tree */
    public function next(): string;
}
