<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Finding\Sql;

use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Ground\Sql\Sql;

/**
 * What is selected, as a set: put together and taken apart in the database, in step with how many pages are meant. The
 * number of a selection is called `selection`, the side on which it stands `side`.
 */
final class SelectionRows
{
    /** What stands on one side stands on the other too, and nothing else does. */
    public static function keep(int $selection, int $side): void
    {
        self::clear($selection, 1 - $side);
        Database::run(
            'insert into selected_pages (selection_id, side, page_id) select selection_id, 1 - side, page_id from '
                .'selected_pages where selection_id = ? and side = ?',
            [$selection, $side],
        );
    }

    /** @param  Sql  $ids  a query for numbers */
    public static function add(int $selection, int $side, Sql $ids): void
    {
        Database::run(
            "insert or ignore into selected_pages (selection_id, side, page_id) select ?, ?, id from ($ids->text)",
            [$selection, $side, ...$ids->bindings],
        );
    }

    /** @param  Sql  $ids  a query for numbers */
    public static function remove(int $selection, int $side, Sql $ids): void
    {
        Database::run(
            "delete from selected_pages where selection_id = ? and side = ? and page_id in ($ids->text)",
            [$selection, $side, ...$ids->bindings],
        );
    }

    /** Of some pages those that are not selected, in place of what is. */
    public static function turn(int $selection, int $side, Sql $ids): void
    {
        self::clear($selection, $side);
        Database::run(
            'insert into selected_pages (selection_id, side, page_id) select ?, ?, id from ('.$ids->text.') where id '
                .'not in (select page_id from selected_pages where selection_id = ? and side = ?)',
            [$selection, $side, ...$ids->bindings, $selection, 1 - $side],
        );
    }

    public static function clear(int $selection, int $side): void
    {
        Database::run('delete from selected_pages where selection_id = ? and side = ?', [$selection, $side]);
    }

    /** @param  list<int>  $ids */
    public static function numbers(array $ids): Sql
    {
        return new Sql(
            $ids === []
                ? 'select null as id where 0'
                : 'select value as id from json_each(\''.json_encode($ids, JSON_THROW_ON_ERROR).'\')',
        );
    }

    /**
     * @param  string  $table  of the pages
     * @return array{int, int} how many of them are there, and how many are gone
     */
    public static function count(int $selection, int $side, string $table): array
    {
        $row = Database::one(
            "select count(p.id) as found, count(*) - count(p.id) as gone from selected_pages x left join $table p on "
                .'p.id = x.page_id where x.selection_id = ? and x.side = ?',
            [$selection, $side],
        );

        return [(int) $row->found, (int) $row->gone];
    }

    /**
     * @param  list<int>  $ids
     * @return list<int> those of them that are selected
     */
    public static function among(int $selection, int $side, array $ids): array
    {
        return $ids === [] ? [] : Database::numbers(
            'select page_id from selected_pages where selection_id = ? and side = ? and page_id in ('
                .implode(',', $ids).')',
            [$selection, $side],
        );
    }

    /** @return list<int> all that are there, by number */
    public static function all(int $selection, int $side, string $table): array
    {
        return Database::numbers(
            "select x.page_id from selected_pages x join $table p on p.id = x.page_id where x.selection_id = ? and "
                .'x.side = ? order by x.page_id',
            [$selection, $side],
        );
    }
}
