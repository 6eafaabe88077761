<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Database\Sql;

/**
 * Two statements that find nothing: whether a file can be read, and whether it can be written. They cost nothing.
 */
final class Looks
{
    public const READS = 'select 1 from sqlite_master limit 1';

    public const WRITES = 'delete from templates where 0';
}
