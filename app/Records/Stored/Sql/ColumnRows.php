<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Stored\Sql;

use Vestibra\App\Ground\Sql\Database;

/** The same columns of many rows at once, each with values of its own: one statement for some hundreds of them. */
final class ColumnRows
{
    /**
     * @param  list<string>  $columns
     * @param  list<list<scalar|null>>  $rows  the number of each row, then a value for each column
     */
    public static function update(string $table, array $columns, array $rows): void
    {
        $set = $values = [];
        foreach ($columns as $at => $column) {
            $place = $at + 1;
            $set[] = "$column = x.v$place";
            $values[] = "json_extract(value, '\$[$place]') as v$place";
        }
        Database::run(
            "update $table set ".implode(', ', $set)." from (select json_extract(value, '\$[0]') as row_id, "
                .implode(', ', $values)." from json_each(?)) x where $table.id = x.row_id",
            [json_encode($rows, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)],
        );
    }
}
