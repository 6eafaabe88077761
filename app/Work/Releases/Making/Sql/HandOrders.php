<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Making\Sql;

use Vestibra\App\Ground\Sql\Database;

/**
 * Makes room for another order: places are unique, so all are taken away at once before they are given anew. In step
 * with how many templates a kind has.
 */
final class HandOrders
{
    public static function clear(string $pageKind): void
    {
        Database::run('update templates set hand_order = -id where page_kind = ?', [$pageKind]);
    }
}
