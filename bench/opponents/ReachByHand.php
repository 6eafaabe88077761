<?php

declare(strict_types=1);

namespace Vestibra\Bench\Opponents;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Vestibra\Bench\Chance;

/** Six rules with the SQL that somebody would write by hand for each. */
final readonly class ReachByHand
{
    public function __construct(
        private Chance $chance,
        private DateTimeImmutable $now,
    ) {
    }

    /** @return list<array{string, bool, array<string, mixed>, array{string, list<mixed>}}> name, awkward, rule, condition on a product called p */
    public function rules(): array
    {
        $category = (int) DB::table('categories')->where('name', 'Inks')->value('id');
        [$lower, $upper] = array_values((array) DB::selectOne('select lower, upper from categories where id = ?', [$category]));
        [$brand, $other] = $this->chance->some(2, 5);
        [$tag, $second] = $this->chance->some(2, 5);
        $fact = (int) DB::table('facts')->where('name', 'Drying time')->value('id');
        $price = $this->chance->number(20, 40) * 100;
        $now = $this->now->format('Y-m-d H:i:s');
        $in = "p.id in (select product_id from category_product where category_id in (select id from categories where lower between $lower and $upper))";
        $is = static fn (string $field, string $comparison, int|string ...$values): array => ['field' => $field, 'comparison' => $comparison, 'values' => $values];
        $sale = "(v.sale_price is not null and v.sale_price < v.price and (v.sale_from is null or v.sale_from <= '$now') and (v.sale_until is null or v.sale_until > '$now'))";

        return [
            ['a category', false, ['show' => [[$is('category', 'isIn', $category)]]], [$in, []]],
            ['a brand and a tag', false, ['show' => [[$is('brand', 'isOneOf', $brand), $is('tag', 'hasAnyOf', $tag)]]], [
                "p.brand_id = $brand and p.id in (select product_id from product_tag where tag_id = $tag)", [],
            ]],
            ['a category, not a brand', false, ['show' => [[$is('category', 'isIn', $category)]], 'keepOff' => [[$is('brand', 'isOneOf', $other)]]], [
                "$in and not coalesce(p.brand_id = $other, 0)", [],
            ]],
            ['price between, little stock', true, ['show' => [[$is('price', 'between', $price, $price + 2000), $is('stock', 'atMost', 5)]]], [
                "p.id in (select v.product_id from variants v where v.published = 1 group by v.product_id having min(case when $sale then v.sale_price else v.price end) between $price and $price + 2000"
                .' and count(*) = count(v.stock) and sum(max(v.stock, 0)) <= 5)', [],
            ]],
            ['words of the title and a fact', true, ['show' => [[$is('title', 'contains', 'sample 7'), ['of' => $fact] + $is('fact', 'atLeast', 20)]]], [
                "p.id in (select product_id from title_words where word >= '7' and word < '8') and p.id in (select product_id from title_words where word >= 'sample' and word < 'samplf')"
                ." and p.id in (select product_id from fact_values where fact_id = $fact and number >= 20)", [],
            ]],
            ['on sale or two tags, some kept off', true, ['show' => [[$is('sale', 'isOn')], [$is('tag', 'hasAllOf', $tag, $second)]], 'keepOff' => [[$is('rating', 'hasNone')]]], [
                "(p.id in (select v.product_id from variants v where v.published = 1 and $sale) or (p.id in (select product_id from product_tag where tag_id = $tag)"
                ." and p.id in (select product_id from product_tag where tag_id = $second))) and p.review_count > 0", [],
            ]],
        ];
    }
}
