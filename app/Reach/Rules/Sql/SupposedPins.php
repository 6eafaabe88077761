<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules\Sql;

use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Ground\Sql\Sql;

/**
 * Pins as they would be, as something to join: a few stand in the query; very many in a table of the connection, which
 * the database looks up by page instead of walking through them for each.
 */
final class SupposedPins
{
    private const FEW = 200;

    private const AT_ONCE = 5_000;

    /**
     * @param  Sql  $stored  a query for subject_id and template_id of the pins that count
     * @param  list<int>  $changed  pages whose pin is another then
     * @param  array<int, int>  $pins  theirs that count then, by page
     * @return Sql a query for subject_id and template_id
     */
    public static function of(Sql $stored, array $changed, array $pins): Sql
    {
        if (count($changed) <= self::FEW) {
            $rows = array_map(
                static fn (int $page, int $template): string => "($page, $template)",
                array_keys($pins),
                $pins,
            );

            return $stored->wrap(
                '',
                ($changed === [] ? '' : ' and subject_id not in ('.implode(',', $changed).')')
                    .($rows === [] ? '' : ' union all select column1, column2 from (values '.implode(',', $rows).')'),
            );
        }
        // Its name says what is in it, so that two that are asked for together do not meet.
        $table = 'supposed_pins_'.substr(hash('sha256', serialize([$stored, $changed, $pins])), 0, 16);
        Database::run("drop table if exists $table");
        Database::run("create temp table $table (subject_id integer primary key, template_id integer not null)");
        foreach (array_chunk($pins, self::AT_ONCE, true) as $some) {
            Database::run(
                "insert into $table select key, value from json_each(?)",
                [json_encode((object) $some, JSON_THROW_ON_ERROR)],
            );
        }
        Database::run(
            "insert or ignore into $table select subject_id, template_id from ($stored->text) where subject_id not in "
                .'(select value from json_each(?))',
            [...$stored->bindings, json_encode($changed, JSON_THROW_ON_ERROR)],
        );

        return new Sql("select subject_id, template_id from $table");
    }
}
