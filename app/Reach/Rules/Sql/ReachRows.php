<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules\Sql;

use stdClass;
use Vestibra\App\Ground\PageRows;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Rules\KindRules;

/**
 * How many pages templates cover and win. The winners are computed for all pages of a kind, in step with their number;
 * later they are kept.
 */
final class ReachRows
{
    private const FEW = 2_000;

    private const WALKED_AT_ONCE = 1_000;

    /**
     * @return list<stdClass>
     */
    public static function page(KindRules $contest, Sql $covers, int $page): array
    {
        return Database::rows(
            "select p.id from {$contest->shown()} and ($covers->text) order by {$contest->pages->title()}, p.id "
                .'limit ? offset ?',
            [...$covers->bindings, PageRows::PAGE, ($page - 1) * PageRows::PAGE],
        );
    }

    /**
     * A page of those that are known already: the order is walked until enough of many are found, few are put in order.
     *
     * @param  array<int, mixed>  $those  by page
     * @param  int  $few  up to so many are put in order
     * @return list<int>
     */
    public static function among(KindRules $contest, array $those, int $page, int $few = self::FEW): array
    {
        $order = " order by {$contest->pages->title()}, p.id limit ";
        $from = ($page - 1) * PageRows::PAGE;
        if (count($those) <= $few) {
            return $those === [] ? [] : self::numbers(
                "select p.id from {$contest->shown()} and p.id in (".implode(',', array_keys($those)).")$order"
                    .PageRows::PAGE." offset $from",
            );
        }
        $found = [];
        for ($walked = 0; count($found) < $from + PageRows::PAGE; $walked += self::WALKED_AT_ONCE) {
            $some = self::numbers("select p.id from {$contest->shown()}$order".self::WALKED_AT_ONCE." offset $walked");
            if ($some === []) {
                break;
            }
            array_push($found, ...array_filter($some, static fn (int $id): bool => isset($those[$id])));
        }

        return array_slice($found, $from, PageRows::PAGE);
    }

    public static function visible(KindRules $contest): int
    {
        return (int) Database::value("select count(*) from {$contest->shown()}");
    }

    /** @return array<int, int> template => how many pages that customers can see are fixed to it, before any rule */
    public static function fixed(KindRules $contest): array
    {
        $pins = $contest->pages->pins($contest->at)->wrap(
            'select f.template_id, count(*) from (',
            ") f join {$contest->pages->table()} p on p.id = f.subject_id where {$contest->pages->shown()} group by 1",
        );

        return Database::pairs($pins->text, $pins->bindings);
    }

    /** @return list<int> */
    private static function numbers(string $sql): array
    {
        return array_map(intval(...), array_column(Database::rows($sql), 'id'));
    }

    /**
     * Who wins the pages that are asked about: with how many of them a reach covers, and how many it does not.
     *
     * @return list<stdClass> template_id, covered and count
     */
    public static function split(KindRules $contest, Sql $covers, Sql $winners): array
    {
        $split = Sql::join('', [
            $covers->wrap('select w.template_id, coalesce((', '), 0) as covered, count(*) as count'),
            $winners->wrap(
                ' from (',
                ") w join {$contest->pages->table()} p on p.id = w.page_id group by 1, 2 order by count desc",
            ),
        ]);

        return Database::rows($split->text, $split->bindings);
    }

    /**
     * Of several templates at once, over winners that are computed once.
     *
     * @param  array<int, Sql>  $covers  by template
     * @return list<stdClass> id, covers, shown_on and won
     */
    public static function several(KindRules $contest, array $covers): array
    {
        $parts = [];
        foreach ($covers as $id => $of) {
            $parts[] = Sql::join('', [
                $of->wrap("select $id as id, (select count(*) from {$contest->shown()} and (", ')) as covers'),
                $of->wrap(
                    ", (select count(*) from w where template_id = $id) as shown_on, (select count(*) from w cross "
                        ."join {$contest->pages->table()} p on p.id = w.page_id where w.template_id = $id and (",
                    ')) as won',
                ),
            ]);
        }
        $all = Sql::join(
            '',
            [WinnersSql::of($contest)->wrap('with w as materialized (', ') '), Sql::join(' union all ', $parts)],
        );

        return Database::rows($all->text, $all->bindings);
    }

    public static function hidden(KindRules $contest, Sql $covers): mixed
    {
        return Database::value(
            "select count(*) from {$contest->pages->table()} p where not {$contest->pages->shown()} and "
                ."($covers->text)",
            $covers->bindings,
        );
    }

    /**
     * @return list<stdClass>
     */
    public static function wonBy(Sql $winners, int $id): array
    {
        return Database::rows(
            "select page_id from ($winners->text) w where template_id = ? order by page_id",
            [...$winners->bindings, $id],
        );
    }
}
