<?php

declare(strict_types=1);

namespace Vestibra\App\Style;

use Vestibra\App\Style\Sql\SpecimenRows;

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
        $product = SpecimenRows::product();
        $category = SpecimenRows::category();

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
