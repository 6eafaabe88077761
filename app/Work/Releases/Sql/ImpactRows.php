<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Sql;

use stdClass;
use Vestibra\App\Ground\PageRows;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\App\Work\Releases\BeforeAndAfter;
use Vestibra\Core\Releases\NewLooks;

/**
 * Which pages a release moves, before it is made: winners before and after, beside each other, for all pages of a kind.
 * In step with their number.
 */
final class ImpactRows
{
    /** So many pages of each group are shown at once. */
    public const FIRST = 5;

    /**
     * Of pages that are known already, in a table of the connection.
     *
     * @param  array<int, array{int, int}>  $pages  before and after, by page
     * @return Sql page_id, before_id and after_id
     */
    public static function of(array $pages): Sql
    {
        // Grouped by where they come from and go to, so that little has to be read again.
        $groups = [];
        foreach ($pages as $page => [$before, $after]) {
            $groups["$before,$after"][] = $page;
        }
        Database::run('drop table if exists temp.foreseen_pages');
        Database::run(
            'create temp table foreseen_pages (page_id integer primary key, before_id integer, after_id integer)',
        );
        foreach ($groups as $both => $numbers) {
            Database::run(
                "insert into temp.foreseen_pages select value, $both from json_each(?)",
                [json_encode($numbers, JSON_THROW_ON_ERROR)],
            );
        }

        return new Sql('select page_id, before_id, after_id from temp.foreseen_pages');
    }

    /**
     * @return list<stdClass>
     */
    public static function winners(Sql $sql): array
    {
        return Database::rows($sql->text, $sql->bindings);
    }

    /**
     * @param  list<scalar>  $bindings
     */
    public static function count(string $where, array $bindings): mixed
    {
        return Database::value("select count(*) $where", $bindings);
    }

    /**
     * @param  list<scalar>  $bindings
     * @return list<stdClass>
     */
    public static function page(string $where, PagesOfKind $pages, array $bindings, int $page): array
    {
        return Database::rows(
            "select b.page_id $where order by {$pages->title()}, b.page_id limit ? offset ?",
            [...$bindings, PageRows::PAGE, ($page - 1) * PageRows::PAGE],
        );
    }

    /**
     * The first pages of each group, and how many there are in all.
     *
     * @return list<object{before_id: int, after_id: int, page_id: int, count: int}&stdClass>  the largest group first
     */
    public static function groups(BeforeAndAfter $both, string $where): array
    {
        /** @var list<object{before_id: int, after_id: int, page_id: int, count: int}&stdClass> $rows */
        $rows = Database::rows(
            'select * from (select before_id, after_id, page_id, count(*) over (partition by before_id, after_id) as '
                .'count,'
            .' row_number() over (partition by before_id, after_id order by page_id) as place'
            ." from ({$both->sql()->text}) where $where) where place <= "
                .self::FIRST.' order by count desc, before_id, place',
            $both->sql()->bindings,
        );

        return $rows;
    }

    public static function shown(BeforeAndAfter $both): mixed
    {
        return Database::value("select count(*) from {$both->now->shown()}");
    }

    /**
     * As SQL on `before_id` and `page_id`. Templates have numbers of their own, so that no page of another kind has one
     * of these.
     */
    public static function looks(NewLooks $looks): string
    {
        $parts = ['before_id in ('.implode(',', $looks->templates).')'];
        foreach ($looks->products as $product => $templates) {
            $parts[] = "(page_id = $product and before_id in (".implode(',', $templates).'))';
        }

        return '('.implode(' or ', $parts).')';
    }
}
