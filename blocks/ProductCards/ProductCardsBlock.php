<?php

declare(strict_types=1);

namespace Vestibra\Blocks\ProductCards;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Products;
use Vestibra\Core\Templates\Types\Text;

final readonly class ProductCardsBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'product-cards',
            'Picked products',
            Shelf::More,
            [
                Setting::what('title', 'Title', new Text(80), 'Goes well with it'),
                Setting::what('products', 'Products', new Products, []),
                Setting::how('perRow', 'In a row', new Amount(1, 6, ''), '--cards-per-row'),
            ],
            searchWords: 'related recommended cards grid',
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $ids = array_values(array_diff($settings->ids('products'), [$context->product->id]));
        $cards = $context->shop->cards($ids);

        return $cards === []
            ? Composed::absent($ids === [] ? 'no products are picked' : 'none of the picked products can be seen in the shop')
            : Composed::shown(['title' => $settings->text('title'), 'cards' => $cards]);
    }
}
