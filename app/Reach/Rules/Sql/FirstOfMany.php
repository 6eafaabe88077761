<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules\Sql;

use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PagesInSql;
use Vestibra\Core\Reach\CompiledReach;
use Vestibra\Core\Reach\RuleCollections;

/**
 * What a reach covers, said in the way that finds the first few soonest: of many by walking an order and asking each
 * page by itself, of few by asking all at once. Which it is, a hundred pages spread over the shop tell.
 */
final class FirstOfMany
{
    /** In a smaller shop all are asked at once. */
    private const MANY = 5_000;

    private const LOOKED_AT = 100;

    /** Of those, so many have to be covered: the first 24 are then expected among 1,200. */
    private const ENOUGH = 2;

    /**
     * @param  int  $at  in seconds of Unix time
     * @param  int  $many  of fewer pages all are asked at once
     */
    public static function covers(
        PagesInSql $pages,
        int $at,
        RuleCollections $collections,
        CompiledReach $reach,
        int $many = self::MANY,
    ): Sql {
        $last = (int) Database::value("select max(id) from {$pages->table()}");
        $each = $last < $many ? null : (new ReachSql($pages, $at, $collections, true))->covers($reach);

        return $each !== null && self::covered($pages, $each, $last) >= self::ENOUGH
            ? $each
            : (new ReachSql($pages, $at, $collections))->covers($reach);
    }

    private static function covered(PagesInSql $pages, Sql $each, int $last): int
    {
        $spread = [];
        for ($number = 0; $number < self::LOOKED_AT; $number++) {
            $spread[] = 1 + intdiv($number * $last, self::LOOKED_AT);
        }

        return (int) Database::value(
            "select count(*) from json_each(?) looked cross join {$pages->table()} p on p.id = looked.value where "
                ."{$pages->shown()} and ($each->text)",
            [json_encode(array_values(array_unique($spread)), JSON_THROW_ON_ERROR), ...$each->bindings],
        );
    }
}
