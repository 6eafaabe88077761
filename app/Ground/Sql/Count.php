<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Sql;

use Illuminate\Database\Query\Expression;

/**
 * How many rows a query beside another finds, as a column.
 */
final class Count
{
    /** @return Expression<'count(*)'> */
    public static function all(): Expression
    {
        return new Expression('count(*)');
    }
}
