<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving\Sql;

use Vestibra\App\Ground\Sql\Database;

/**
 * Which number SQLite gives next: kept by SQLite itself, in a table without a model. One row, by its key.
 */
final class NextNumbers
{
    public static function after(string $table): int
    {
        $last = Database::value('select seq from sqlite_sequence where name = ?', [$table]);

        return 1 + (is_numeric($last) ? (int) $last : 0);
    }
}
