<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Ground\Sql\Sql;

/**
 * Who has a value that may stand only once: by the index that keeps it so. In step with how many values are asked for.
 */
final class HoldingRows
{
    /** What a variant is called by: its product. */
    public const TITLE = '(select title from products p where p.id = product_id) as called';

    /**
     * @param  list<string>  $values
     * @param  string  $called  a column, or what is found beside, under the name *called*
     * @return list<stdClass> id, value and called
     */
    public static function of(string $table, string $column, array $values, string $called): array
    {
        return $values === [] ? [] : Database::rows(
            "select id, $column as value, $called from $table where $column in (".Sql::places($values).')',
            $values,
        );
    }
}
