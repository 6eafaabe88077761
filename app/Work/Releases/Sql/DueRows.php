<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * Whether anything is due, asked with each request: three looks at an index.
 */
final class DueRows
{
    public static function read(string $now): stdClass
    {
        return Database::one(
            "select exists (select 1 from releases where state = 'waiting' and due_at <= ?) as releases, "
                .'exists (select 1 from products where show_from <= ?) or exists (select 1 from products where '
                .'show_until '
                .'<= ?) as products',
            [$now, $now, $now],
        );
    }
}
