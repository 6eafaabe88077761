<?php

declare(strict_types=1);

namespace Vestibra\Bench\Opponents;

use Illuminate\Support\Facades\DB;

/**
 * All counts of eight filters over all products, as somebody would write it who wants them fast and has SQL alone: one pass over
 * the variants gives each the set of filters that keep it out; what only one filter keeps out counts for that filter's values.
 * Temporary tables in memory hold what the counts share.
 */
final class NarrowedByHand
{
    /**
     * @param  array{brand: list<int>, tag: list<int>, category: list<int>, rating: int, one: list<int>, two: list<int>, fact: list<int>, price: array{int, int}|null}  $asked
     * @param  array{one: int, two: int, fact: int}  $of  the options and the fact
     * @return array<string, array<int, int>> filter => value => count
     */
    public static function counts(array $asked, array $of): array
    {
        $in = static fn (array $ids): string => implode(',', $ids);
        $now = now('UTC')->format('Y-m-d H:i:s');
        DB::statement('pragma temp_store = memory');
        DB::statement('drop table if exists temp.kept');
        DB::statement('drop table if exists temp.beneath');
        DB::statement('create temp table beneath as select distinct h.product_id, c.id as category from category_product h join categories d on d.id = h.category_id join categories c on d.lower between c.lower and c.upper');
        $product = implode(' | ', [
            $asked['brand'] === [] ? '0' : "(case when p.brand_id in ({$in($asked['brand'])}) then 0 else 1 end)",
            $asked['tag'] === [] ? '0' : "(case when p.id in (select product_id from product_tag where tag_id in ({$in($asked['tag'])})) then 0 else 2 end)",
            $asked['category'] === [] ? '0' : "(case when p.id in (select product_id from temp.beneath where category in ({$in($asked['category'])})) then 0 else 4 end)",
            $asked['rating'] === 0 ? '0' : "(case when p.review_count > 0 and p.star_sum >= {$asked['rating']} * p.review_count then 0 else 8 end)",
            $asked['fact'] === [] ? '0' : "(case when p.id in (select f.product_id from fact_values f join filter_words w on w.fact_id = f.fact_id and w.folded = f.folded where w.id in ({$in($asked['fact'])})) then 0 else 16 end)",
        ]);
        $variant = implode(' | ', [
            $asked['one'] === [] ? '0' : "(case when v.id in (select variant_id from variant_values where option_value_id in ({$in($asked['one'])})) then 0 else 32 end)",
            $asked['two'] === [] ? '0' : "(case when v.id in (select variant_id from variant_values where option_value_id in ({$in($asked['two'])})) then 0 else 64 end)",
            $asked['price'] === null ? '0' : "(case when case when v.sale_price < v.price and (v.sale_from is null or v.sale_from <= '$now') and (v.sale_until is null or v.sale_until > '$now') then v.sale_price else v.price end between {$asked['price'][0]} and {$asked['price'][1]} then 0 else 128 end)",
        ]);
        // What more than one filter keeps out counts nowhere, and is not kept.
        DB::statement("create temp table kept as select p.id as product, v.id as variant, p.brand_id as brand, p.review_count as reviews, p.star_sum as stars, ($product) | ($variant) as out from products p join variants v on v.product_id = p.id and v.published = 1 where p.published = 1 and out in (0, 1, 2, 4, 8, 16, 32, 64, 128)");
        $counts = [];
        foreach ([
            'brand' => 'select brand as value, count(distinct product) as n from kept where out in (0, 1) and brand is not null group by brand',
            'tag' => 'select t.tag_id as value, count(*) as n from (select distinct product from kept where out in (0, 2)) k join product_tag t on t.product_id = k.product group by t.tag_id',
            'category' => 'select b.category as value, count(*) as n from (select distinct product from kept where out in (0, 4)) k join temp.beneath b on b.product_id = k.product group by b.category',
            'rating' => 'select s.value, count(*) as n from (select distinct product, reviews, stars from kept where out in (0, 8) and reviews > 0) k join (select 1 as value union select 2 union select 3 union select 4) s on k.stars >= s.value * k.reviews group by s.value',
            'fact' => "select w.id as value, count(*) as n from (select distinct product from kept where out in (0, 16)) k join fact_values f on f.product_id = k.product and f.fact_id = {$of['fact']} join filter_words w on w.fact_id = f.fact_id and w.folded = f.folded group by w.id",
            'one' => "select x.option_value_id as value, count(distinct k.product) as n from kept k join variant_values x on x.variant_id = k.variant and x.option_id = {$of['one']} where k.out in (0, 32) group by x.option_value_id",
            'two' => "select x.option_value_id as value, count(distinct k.product) as n from kept k join variant_values x on x.variant_id = k.variant and x.option_id = {$of['two']} where k.out in (0, 64) group by x.option_value_id",
        ] as $filter => $sql) {
            $counts[$filter] = array_column(DB::select($sql), 'n', 'value');
        }

        return $counts;
    }
}
