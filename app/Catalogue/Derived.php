<?php

declare(strict_types=1);

namespace Vestibra\App\Catalogue;

use Illuminate\Support\Facades\DB;
use Vestibra\Core\Catalogue\Folding;

/** What is kept beside a product so that sets of products can be asked for quickly; written anew after each change. */
final class Derived
{
    public static function refresh(int $productId): void
    {
        $title = (string) DB::table('products')->where('id', $productId)->value('title');
        DB::table('title_words')->where('product_id', $productId)->delete();
        foreach (array_unique(Folding::words($title)) as $word) {
            DB::table('title_words')->insert(['word' => $word, 'product_id' => $productId]);
        }
        DB::update(
            'update products set title_folded = ?1, title_order = name_order(title), variant_count = (select count(*) from variants v where v.product_id = ?2 and v.published = 1),'
            .' picture_count = (select count(*) from (select picture_id from product_pictures where product_id = ?2 union'
            .' select picture_id from variants v where v.product_id = ?2 and v.published = 1 and picture_id is not null)),'
            .' review_count = (select count(*) from reviews where product_id = ?2 and published = 1),'
            .' star_sum = (select coalesce(sum(stars), 0) from reviews where product_id = ?2 and published = 1) where id = ?2',
            [Folding::fold($title), $productId],
        );
    }
}
