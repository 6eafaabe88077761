<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Search\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Selling\Search\Query;

/**
 * What customers searched for, summed over the days that are kept. In step with how many words were searched for in
 * that time, which is bounded (`Searches::MOST_NEW` a day).
 */
final class SearchStatistics
{
    /**
     * @param  list<string>  $words
     * @return list<stdClass>
     */
    public static function askedAgain(string $has, int $most, array $words): array
    {
        return Database::rows(
            'select id, name from searches where results = 0'.(
                $has === '' ? '' : " or $has"
            ).' order by id desc limit '.$most,
            array_map(Folding::fold(...), $words),
        );
    }

    public static function nothing(string $since): mixed
    {
        return Database::value(
            'select count(distinct s.id) from search_days d join searches s on s.id = d.search_id where d.day >= ? '
                .'and s.results = 0',
            [$since],
        );
    }

    /**
     * @return list<stdClass>
     */
    public static function beginning(Query $query, string $since, int $most): array
    {
        return Database::rows(
            'select s.name from searches s join search_days d on d.search_id = s.id where s.name_folded >= ? and '
                .'s.name_folded < ? and s.results > 0 and s.as_typed = 1 and d.day >= ? group by s.id order by '
                .'sum(d.times) desc, s.id limit ?',
            [$query->folded(), $query->folded()."\u{10FFFF}", $since, $most],
        );
    }

    /**
     * @param  list<scalar>  $bindings
     */
    public static function total(string $from, array $bindings): mixed
    {
        return Database::value("select count(*) from (select s.id $from)", $bindings);
    }

    /**
     * @param  list<scalar>  $bindings
     * @return list<stdClass>
     */
    public static function page(string $from, array $bindings, int $size, int $page): array
    {
        return Database::rows(
            "select s.id, s.name, s.results, sum(d.times) as times, max(d.day) as last_on $from order by times desc, "
                .'last_on desc, s.id limit ? offset ?',
            [...$bindings, $size + 1, ($page - 1) * $size],
        );
    }
}
