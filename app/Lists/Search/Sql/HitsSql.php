<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Search\Sql;

use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Records\Catalogue\Sql\SellingSql;
use Vestibra\Core\Selling\Search\Query;
use Vestibra\Core\Selling\Search\SearchField;
use Vestibra\Core\Selling\Search\Wanted;

/**
 * What a search finds, in order: codes, then whole words of the title, then beginnings, then brands, then the rest by
 * how well it fits. Where very much is found, only the best are weighed. It reads the index of words, in step with how
 * much is found.
 */
final class HitsSql
{
    /** Of more than these BM25 says nothing: such words are everywhere. */
    private const MANY = 5_000;

    private const SHORTEST_CODE = 3;

    /** Of very many, these are put in order to the end: of the best, those that came last. */
    private const BEST = 3_000;

    /**
     * @param  list<Wanted>  $wanted
     * @param  array<string, int>  $weights
     * @return Sql the ids of what is found, the best first
     */
    public static function of(Query $query, array $wanted, array $weights): Sql
    {
        $columns = array_diff_key($weights, [SearchField::Codes->value => true]);
        $anywhere = self::anywhere($wanted, $weights);
        $many = (int) FoundProducts::matches($anywhere) > self::MANY;
        $code = str_replace(' ', '-', $query->folded());
        $begins = $weights[SearchField::Codes->value] > 0 && mb_strlen($code) >= self::SHORTEST_CODE;
        $tier = 'case when h.id in (select id from codes) then 0 when h.id in (select id from whole) then 1 when h.id '
            .'in (select id from title) then 2 when h.id in (select id from named) then 3 else 4 end';
        $soldOut = 'not '.SellingSql::PRODUCT_IN_STOCK;

        return new Sql(
            'with codes as materialized (select product_id as id from variants where lower(sku) = ? and +published = '
                .'1 union select product_id from variants where barcode = ? and barcode <> \'\' and published = 1),'
            .' whole as materialized (select rowid as id from product_words where product_words match ?),'
            .' title as materialized (select rowid as id from product_words where product_words match ?),'
            .' named as materialized (select rowid as id from product_words where product_words match ?),'
            .' words as materialized (select rowid as id, '
            .($many ? '0' : 'bm25(product_words, '.implode(', ', $columns).')')
            .' as score from product_words where product_words match ?),'
            .' all_hits as materialized (select id, min(score) as score from (select id, score from words union all '
            .'select product_id, 0 from variants where lower(sku) >= ? and lower(sku) < ? and +published = 1'
            .' union all select id, 0 from codes) group by id),'
            ." hits as materialized (select h.id, h.score, $tier as tier from all_hits h),"
            .' best as materialized (select id from hits order by tier, id desc limit '.self::BEST.')'
            .' select h.id from hits h join products p on p.id = h.id where p.published = 1 order by '
            .(
                $many
                    ? "h.id not in (select id from best), h.tier, h.id in (select id from best) and $soldOut, h.id desc"
                    : "h.tier, $soldOut, h.score, h.id"
            ),
            [
                $code,
                $query->folded(),
                '{title} : ('.self::expression($wanted, false).')',
                '{title} : ('.self::expression($wanted, true).')',
                '{title brand} : ('.self::expression($wanted, true).')',
                $anywhere,
                $begins ? $code : "\u{10FFFF}",
                $begins ? $code."\u{10FFFF}" : '',
            ],
        );
    }

    /**
     * @param  list<Wanted>  $wanted
     * @param  array<string, int>  $weights
     * @return string what matches in a field that counts; without such a field there is nothing to look in
     */
    public static function anywhere(array $wanted, array $weights): string
    {
        $fields = implode(' ', array_keys(array_filter(array_diff_key($weights, [SearchField::Codes->value => true]))));

        return $fields === '' ? '""' : "{{$fields}} : (".self::expression($wanted, true).')';
    }

    /**
     * @param  list<Wanted>  $wanted
     * @param  bool  $beginnings  whether the beginning of a word is enough
     */
    public static function expression(array $wanted, bool $beginnings): string
    {
        $star = $beginnings ? ' *' : '';

        return implode(
            ' AND ',
            array_map(
                static fn (Wanted $one): string => '('.implode(
                    ' OR ',
                    array_map(
                        static fn (string $words): string => "\"$words\"$star",
                        [$one->words, ...$one->same, ...$one->near],
                    ),
                ).')',
                $wanted,
            ),
        );
    }
}
