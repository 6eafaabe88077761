<?php

declare(strict_types=1);

namespace Vestibra\App\Style;

use Illuminate\Support\Facades\DB;

/**
 * Pages of the shop that show what a house style decides: those on which there is most of it.
 *
 * @shape Specimen array{name: string, words: string, address: string}
 */
final readonly class Specimens
{
    /** @return list<array{name: string, words: string, address: string}> */
    public function all(): array
    {
        $product = DB::selectOne(
            'select p.slug, p.title from products p where p.published = 1 order by'
            .' exists (select 1 from variants v where v.product_id = p.id and v.sale_price is not null) desc,'
            .' exists (select 1 from reviews r where r.product_id = p.id) desc, p.id limit 1',
        );
        $category = DB::selectOne(
            'select c.slug, c.name from categories c join category_product cp on cp.category_id = c.id group by c.id '
                .'order by count(*) desc limit 1',
        );

        return array_values(array_filter([
            $product === null ? null : [
                'name' => 'product',
                'words' => "product page · $product->title",
                'address' => '/p/'.rawurlencode((string) $product->slug),
            ],
            ['name' => 'pieces', 'words' => 'buttons, form, grounds', 'address' => '/studio/house-style/pieces'],
            $category === null ? null : [
                'name' => 'category',
                'words' => "category page · $category->name",
                'address' => '/c/'.rawurlencode((string) $category->slug),
            ],
            ['name' => 'cart', 'words' => 'cart', 'address' => '/studio/house-style/cart'],
        ]));
    }
}
