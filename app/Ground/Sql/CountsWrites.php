<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Sql;

/** A connection that knows how often it was told to write: what was read before the last time may be another by now. */
interface CountsWrites
{
    public function writes(): int;
}
