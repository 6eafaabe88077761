<?php

declare(strict_types=1);

namespace Vestibra\Demo;

use Illuminate\Support\Facades\DB;

/**
 * Generated products beside the invented ones, to see how the shop stands up to a large catalogue. Written by the
 * database itself, from the seed of each product's number.
 */
final class MoreProducts
{
    public static function fillUpTo(int $number): void
    {
        DB::transaction(function () use ($number): void {
            $last = (int) DB::table('products')->max('id');
            $brands = (int) DB::table('brands')->max('id');
            $categories = (int) DB::table('categories')->max('id');
            $tags = (int) DB::table('tags')->max('id');
            $numbers = 'with recursive n(i) as (select '.($last + 1)." union all select i + 1 from n where i < $number)";
            DB::statement(
                "$numbers insert into products (id, slug, title, title_folded, title_order, short_description, description, published, brand_id, main_category_id, added_at, review_count, star_sum, picture_count, variant_count)"
                ." select i, 'sample-sheet-' || i, 'Sample sheet ' || i, 'sample sheet ' || i, name_order('Sample sheet ' || i), '<p>A sheet to try inks on.</p>', '<p>A sheet to try inks on.</p>', 1,"
                ." i * 7 % $brands + 1, i * 5 % $categories + 1, datetime('2026-01-01', '-' || (i % 900) || ' days'), i % 9, (i % 9) * 4, 1, 1 from n",
            );
            DB::statement("insert into category_product (product_id, category_id) select id, main_category_id from products where id > $last");
            DB::statement("insert or ignore into category_product (product_id, category_id) select id, id * 11 % $categories + 1 from products where id > $last and id % 5 = 0");
            DB::statement("insert into product_tag (product_id, tag_id) select id, id * 3 % $tags + 1 from products where id > $last and id % 2 = 0");
            DB::statement("insert or ignore into product_tag (product_id, tag_id) select id, id * 5 % $tags + 1 from products where id > $last and id % 6 = 0");
            DB::statement("insert into fact_values (product_id, fact_id, position, written, number) select p.id, f.id, 0, p.id * 7 % 40, p.id * 7 % 40 from products p join facts f on f.name = 'Drying time' where p.id > $last and p.id % 3 = 0");
            DB::statement("insert into variants (product_id, sku, price, sale_price, stock, position) select id, 'GN-' || id, 200 + id * 37 % 9000, case when id % 10 = 0 then 150 end, case when id % 3 = 0 then null else id % 12 end, 0 from products where id > $last");
            DB::statement("insert into variants (product_id, sku, price, stock, position) select id, 'GN-' || id || 'b', 400 + id * 41 % 9000, id % 9, 1 from products where id > $last and id % 2 = 0");
            DB::statement(
                'insert into variant_values (variant_id, option_id, option_value_id) select v.id, o.option_id, case when v.position = 0 then o.one else o.other end'
                ." from variants v, (select option_id, min(id) as one, max(id) as other from option_values group by option_id having count(*) > 1 order by option_id limit 1) o where v.product_id > $last and v.product_id % 2 = 0",
            );
            DB::statement("update products set price_low = (select min(price) from variants v where v.product_id = products.id) where id > $last");
            DB::statement("update products set variant_count = 2 where id > $last and id % 2 = 0");
            DB::statement("insert into product_pictures (product_id, picture_id, position) select id, id % (select max(id) from pictures) + 1, 0 from products where id > $last");
            DB::statement("insert into title_words (word, product_id) select 'sample', id from products where id > $last union all select 'sheet', id from products where id > $last union all select cast(id as text), id from products where id > $last");
            DB::statement("insert into product_words (rowid, words) select id, title_folded from products where id > $last");
        });
    }
}
