<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Finding\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Ground\Sql\Sql;

/**
 * Pages that fit a sentence, in order. An order by title, price or age walks its index where nothing else is asked;
 * what
 * has to be asked of every page is in step with their number.
 */
final class FoundPageRows
{
    /**
     * @param  Sql  $found  from `from` to the end of `where`
     * @return list<int>
     */
    public static function ids(Sql $found, string $order, int $most, int $from): array
    {
        return Database::numbers(
            "select p.id $found->text order by $order limit ? offset ?",
            [...$found->bindings, $most, $from],
        );
    }

    /**
     * @param  Sql  $query  for numbers
     * @return list<int>
     */
    public static function numbers(Sql $query): array
    {
        return Database::numbers($query->text, $query->bindings);
    }

    /** What is another after anything was saved, reviewed, released or selected. */
    public static function stamp(int $selection): string
    {
        return (string) Database::value(
            "select coalesce((select max(id) from catalogue_entries), 0) || ' ' || coalesce((select max(id) from "
                .'releases),'
                ." 0) || ' ' || (select count(*) from reviews where published = 1) || ' ' || (select count(*) from "
                    .'products'
                .") || ' ' || (select count(*) from pins) || ' ' || coalesce((select revision from selections where "
                    .'id = ?),'
                .' 0)',
            [$selection],
        );
    }

    /** @return Sql a query for the numbers of pages, from `from` to the end of `where` */
    public static function query(Sql $found): Sql
    {
        return $found->wrap('select p.id ', '');
    }

    /** Pages in the order of their templates' names, each of them `w`. */
    public static function byTemplate(string $title): string
    {
        return "(select name || char(1) || printf('%015d', id) from templates t where t.id = w.template_id) "
            ."|| char(1) || $title";
    }

    /** @return list<int> the templates that pages have, in the order of their names, as `byTemplate` has it */
    public static function templatesByName(Sql $winners): array
    {
        return Database::numbers(
            "select id from templates where id in (select distinct template_id from ($winners->text)) order by name || "
                ."char(1) || printf('%015d', id)",
            $winners->bindings,
        );
    }

    /**
     * Some of the pages, in no order.
     *
     * @return list<int>
     */
    public static function some(Sql $found, int $most): array
    {
        return Database::numbers("select p.id $found->text limit ?", [...$found->bindings, $most]);
    }

    /**
     * @param  list<int>  $ids
     * @return list<int> the first of them in an order
     */
    public static function sorted(string $table, array $ids, string $order, int $most): array
    {
        return $ids === []
            ? []
            : Database::numbers(
                "select p.id from $table p where p.id in (".implode(',', $ids).") order by $order limit ?",
                [$most],
            );
    }

    /** True for pages called `p` that a selection holds. */
    public static function selected(int $selection): Sql
    {
        return new Sql(
            'p.id in (select x.page_id from selections s join selected_pages x on x.selection_id = s.id and x.side = '
                ."s.side where s.id = $selection)",
        );
    }

    public static function count(Sql $found): int
    {
        return (int) Database::value("select count(*) $found->text", $found->bindings);
    }

    /**
     * What has to be asked of every page is asked once, for the rows and for their number.
     *
     * @return array{list<int>, int}
     */
    public static function both(Sql $found, string $place, string $down, int $most): array
    {
        $rows = Database::rows(
            "with found as materialized (select p.id, $place as place $found->text) select id,"
                ." (select count(*) from found) as total from found order by place$down, id$down limit ?",
            [...$found->bindings, $most],
        );

        return [array_column($rows, 'id'), (int) ($rows[0]->total ?? 0)];
    }

    /**
     * The template of some pages, and the one that they are fixed to.
     *
     * @param  Sql  $found  from `from` to the end of `where`
     * @return array<int, stdClass> with id, template_id, pin and filed, by page
     */
    public static function templates(Sql $found, string $filed): array
    {
        return array_column(
            Database::rows(
                "select p.id, w.template_id, pin.template_id as pin, $filed as filed $found->text",
                $found->bindings,
            ),
            null,
            'id',
        );
    }

    /** @return list<int> those of some pages that a reach covers */
    public static function covered(string $table, Sql $covers, int ...$ids): array
    {
        return Database::numbers(
            "select p.id from $table p where p.id in (".implode(',', $ids).") and ($covers->text)",
            $covers->bindings,
        );
    }
}
