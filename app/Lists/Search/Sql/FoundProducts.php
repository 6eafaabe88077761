<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Search\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Lists\Search\SearchHits;
use Vestibra\App\Records\Catalogue\Sql\SellingSql;

/**
 * What a search found, in a table of the connection: pages of it, filters and counts ask it again. The index answers by
 * words; the table grows with how much is found.
 */
final class FoundProducts
{
    /**
     * @return list<stdClass>
     */
    public static function vocabulary(): array
    {
        return Database::rows('select term, doc from product_vocabulary');
    }

    /**
     * A word of the shop that begins so.
     *
     * @return list<stdClass>
     */
    public static function begins(string $plain): array
    {
        return Database::rows(
            'select 1 from product_vocabulary where term >= ? and term < ? limit 1',
            [$plain, $plain."\u{10FFFF}"],
        );
    }

    public static function matches(string $anywhere): mixed
    {
        return Database::value('select count(*) from product_words where product_words match ?', [
            $anywhere,
        ]);
    }

    /** How often anything has changed that a search looks at. */
    public static function changes(): int
    {
        return (int) Database::value('select changes from searched');
    }

    /** @return string numbers of products as JSON, the best first */
    public static function all(SearchHits $hits): string
    {
        return (string) Database::value(
            "select json_group_array(product_id) from (select product_id from $hits->table order by place)",
        );
    }

    /** @param  string  $ids  as JSON, the best first */
    public static function fillAgain(string $table, string $ids): void
    {
        Database::run("insert into temp.$table (place, product_id) select key + 1, value from json_each(?)", [$ids]);
    }

    /**
     * A page of what was found, the best first.
     *
     * @param  string  $held  SQL, which products called `p` are left of it
     * @return list<stdClass>
     */
    public static function page(SearchHits $hits, string $held, int $most, int $from): array
    {
        return Database::rows(
            "select p.id from (select product_id as id, place from $hits->table) p where $held order by p.place "
                .'limit ? offset ?',
            [$most, $from],
        );
    }

    public static function count(string $table): mixed
    {
        return Database::value("select count(*) from temp.$table");
    }

    /**
     * @param  list<scalar>  $bindings
     */
    public static function fill(string $table, string $sql, array $bindings): void
    {
        Database::run("insert into temp.$table (product_id) $sql", $bindings);
    }

    public static function make(string $table): void
    {
        Database::run("create temp table $table (place integer primary key, product_id integer unique)");
    }

    public static function letGo(string $table): void
    {
        Database::run("drop table if exists temp.$table");
    }

    /**
     * @return list<stdClass>
     */
    public static function hits(SearchHits $hits, int $most): array
    {
        return Database::rows("select product_id from $hits->table order by place limit ?", [$most]);
    }

    /**
     * The newest that match, those that can be bought first.
     *
     * @return list<stdClass>
     */
    public static function first(int $some, string $match, int $most): array
    {
        return Database::rows(
            'select f.id from (select rowid as id from product_words where product_words match ? order by rowid '
                .'desc limit '.$some.') f join products p on p.id = f.id where p.published = 1'
            .' order by not '.SellingSql::PRODUCT_IN_STOCK.', f.id desc limit ?',
            [$match, $most],
        );
    }
}
