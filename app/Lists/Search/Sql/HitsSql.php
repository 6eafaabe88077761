<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Search\Sql;

use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Records\Catalogue\Sql\SellingSql;
use Vestibra\Core\Selling\Search\HitStep;
use Vestibra\Core\Selling\Search\Ranking;
use Vestibra\Core\Selling\Search\SearchField;
use Vestibra\Core\Selling\Search\Wanted;

/**
 * What a search finds, in the order of the core's `Ranking`. It reads the index of words, in step with how much is
 * found.
 */
final class HitsSql
{
    /** @return Sql the ids of what is found, the best first */
    public static function of(Ranking $ranking): Sql
    {
        $weights = array_diff_key($ranking->weights, [SearchField::Codes->value => true]);
        $anywhere = self::in($ranking->fields(), $ranking->wanted);
        $many = (int) FoundProducts::matches($anywhere) > $ranking->weighed;
        $begins = $ranking->findsBeginningsOfCodes();
        $title = $ranking->fields(SearchField::Title);
        $soldOut = 'not '.SellingSql::PRODUCT_IN_STOCK;

        return new Sql(
            'with codes as materialized (select product_id as id from variants where lower(sku) = ? and +published = '
                .'1 union select product_id from variants where barcode = ? and barcode <> \'\' and published = 1),'
            .' whole as materialized (select rowid as id from product_words where product_words match ?),'
            .' title as materialized (select rowid as id from product_words where product_words match ?),'
            .' named as materialized (select rowid as id from product_words where product_words match ?),'
            .' words as materialized (select rowid as id, '
            .($many ? '0' : 'bm25(product_words, '.implode(', ', $weights).')')
            .' as score from product_words where product_words match ?),'
            .' all_hits as materialized (select id, min(score) as score from (select id, score from words union all '
            .'select product_id, 0 from variants where lower(sku) >= ? and lower(sku) < ? and +published = 1'
            .' union all select id, 0 from codes) group by id),'
            .' hits as materialized (select h.id, h.score, '.self::step().' as step from all_hits h join '
            .'products p on p.id = h.id where p.published = 1),'
            ." best as materialized (select id from hits order by step, id desc limit $ranking->best)"
            .' select p.id from hits p order by '
            .(
                $many
                    ? "p.id not in (select id from best), p.step, p.id in (select id from best) and $soldOut, p.id desc"
                    : "p.step, $soldOut, p.score, p.id"
            ),
            [
                $ranking->code(),
                $ranking->query->folded(),
                self::in($title, $ranking->wanted, false),
                self::in($title, $ranking->wanted),
                self::in($ranking->fields(SearchField::Title, SearchField::Brand), $ranking->wanted),
                $anywhere,
                $begins ? $ranking->code() : "\u{10FFFF}",
                $begins ? $ranking->code()."\u{10FFFF}" : '',
            ],
        );
    }

    private static function step(): string
    {
        $when = '';
        foreach ([
            [HitStep::Code, 'codes'], [HitStep::WholeTitle, 'whole'], [HitStep::Title, 'title'],
            [HitStep::Named, 'named'],
        ] as [$step, $those]) {
            $when .= " when h.id in (select id from $those) then $step->value";
        }

        return "case$when else ".HitStep::Anywhere->value.' end';
    }

    /**
     * @param  list<string>  $fields
     * @param  list<Wanted>  $wanted
     * @param  bool  $beginnings  whether the beginning of a word is enough
     * @return string what matches in some fields; without any there is nothing to look in
     */
    public static function in(array $fields, array $wanted, bool $beginnings = true): string
    {
        return $fields === []
            ? '""'
            : '{'.implode(' ', $fields).'} : ('.self::expression($wanted, $beginnings).')';
    }

    /**
     * @param  list<Wanted>  $wanted
     */
    private static function expression(array $wanted, bool $beginnings): string
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
