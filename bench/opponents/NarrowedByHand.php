<?php

declare(strict_types=1);

namespace Vestibra\Bench\Opponents;

use Illuminate\Support\Facades\DB;

/**
 * All counts of eight filters over all products, as somebody would write it who wants them fast and has SQL alone.
 * Tables in memory hold, prepared once, what every question shares: a row for each variant with all that it is filtered
 * by, and what several values of a product may be. One pass over the variants gives each the set of filters that keep
 * it out; what only one filter keeps out counts for that filter's values.
 *
 * @phpstan-type Asked array{brand: list<int>, tag: list<int>, category: list<int>, rating: int, one: list<int>,
 *     two: list<int>, fact: list<int>, price: array{int, int}|null}
 */
final readonly class NarrowedByHand
{
    private const COUNTS = [
        'brand' => 'select brand as value, count(distinct product) as n from kept where out in (0, 1) and brand is not '
            .'null group by brand',
        'tag' => 'select t.tag as value, count(*) as n from (select distinct product from kept where out in (0, 2)) k '
            .'join temp.tagged t on t.product = k.product group by t.tag',
        'category' => 'select b.category as value, count(*) as n from (select distinct product from kept where out in '
            .'(0, 4)) k join temp.beneath b on b.product = k.product group by b.category',
        'rating' => 'select s.value, count(*) as n from (select distinct product, reviews, stars from kept where out '
            .'in (0, 8) and reviews > 0) k join (select 1 as value union select 2 union select 3 union select 4) s on '
            .'k.stars >= s.value * k.reviews group by s.value',
        'fact' => 'select w.word as value, count(*) as n from (select distinct product from kept where out in (0, 16)) '
            .'k join temp.said w on w.product = k.product group by w.word',
        'one' => 'select one as value, count(distinct product) as n from kept where out in (0, 32) and one is not null '
            .'group by one',
        'two' => 'select two as value, count(distinct product) as n from kept where out in (0, 64) and two is not null '
            .'group by two',
    ];

    /** @param  array{one: int, two: int, fact: int}  $of  the options and the fact */
    public function __construct(private array $of)
    {
        DB::statement('pragma temp_store = memory');
        foreach ($this->tables() as $name => $select) {
            DB::statement("drop table if exists temp.$name");
            DB::statement("create temp table $name as $select");
        }
        foreach (['beneath' => 'category', 'tagged' => 'tag', 'said' => 'word'] as $table => $value) {
            DB::statement("create index temp.{$table}_by_value on $table ($value, product)");
            DB::statement("create index temp.{$table}_by_product on $table (product, $value)");
        }
    }

    /** @return array<string, string> temporary table => what it is made of */
    private function tables(): array
    {
        $now = now('UTC')->format('Y-m-d H:i:s');
        $value = static fn (int $option): string => '(select x.option_value_id from variant_values x where '
            ."x.variant_id = v.id and x.option_id = $option)";

        return [
            'flat' => 'select p.id as product, p.brand_id as brand, p.review_count as reviews, p.star_sum as stars, '
                .'case when v.sale_price < v.price and (v.sale_from is null or '
                ."v.sale_from <= '$now') and (v.sale_until is null or v.sale_until > '$now') then v.sale_price else "
                ."v.price end as price, {$value($this->of['one'])} as one, {$value($this->of['two'])} as two from "
                .'products p join variants v on v.product_id = p.id and v.published = 1 where p.published = 1',
            'beneath' => 'select distinct h.product_id as product, c.id as category from category_product h join '
                .'categories d on d.id = h.category_id join categories c on d.lower between c.lower and c.upper',
            'tagged' => 'select product_id as product, tag_id as tag from product_tag',
            'said' => 'select f.product_id as product, w.id as word from fact_values f join filter_words w on '
                ."w.fact_id = f.fact_id and w.folded = f.folded where f.fact_id = {$this->of['fact']}",
        ];
    }

    /**
     * @param  Asked  $asked
     * @return array<string, array<int, int>> filter => value => count
     */
    public function counts(array $asked): array
    {
        $in = static fn (array $ids): string => implode(',', $ids);
        $out = static fn (bool $asks, string $fits, int $bit): string =>
            $asks ? "(case when $fits then 0 else $bit end)" : '0';
        $has = static fn (string $table, string $value, array $ids): string =>
            "product in (select product from temp.$table where $value in ({$in($ids)}))";
        $set = implode(' | ', [
            $out($asked['brand'] !== [], "brand in ({$in($asked['brand'])})", 1),
            $out($asked['tag'] !== [], $has('tagged', 'tag', $asked['tag']), 2),
            $out($asked['category'] !== [], $has('beneath', 'category', $asked['category']), 4),
            $out($asked['rating'] !== 0, "reviews > 0 and stars >= {$asked['rating']} * reviews", 8),
            $out($asked['fact'] !== [], $has('said', 'word', $asked['fact']), 16),
            $out($asked['one'] !== [], "one in ({$in($asked['one'])})", 32),
            $out($asked['two'] !== [], "two in ({$in($asked['two'])})", 64),
            $out(
                $asked['price'] !== null,
                'price between '.($asked['price'][0] ?? 0).' and '.($asked['price'][1] ?? 0),
                128,
            ),
        ]);
        DB::statement('drop table if exists temp.kept');
        // What more than one filter keeps out counts nowhere, and is not kept.
        DB::statement("create temp table kept as select product, brand, reviews, stars, one, two, $set as out from "
            .'temp.flat where out in (0, 1, 2, 4, 8, 16, 32, 64, 128)');

        return array_map(
            static fn (string $sql): array => array_column(DB::select($sql), 'n', 'value'),
            self::COUNTS,
        );
    }
}
