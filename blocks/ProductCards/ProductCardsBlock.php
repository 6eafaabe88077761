<?php

declare(strict_types=1);

namespace Vestibra\Blocks\ProductCards;

use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Numbered;
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
                Setting::words('title', 'Title', new Text(80), 'cards.title'),
                Setting::what('fact', 'From the fact', new Numbered('products-fact'), null),
                Setting::what('products', 'and on every product', new Products, []),
                Setting::how('perRow', 'In a row', new Amount(1, 6, ''), '--cards-per-row'),
            ],
            searchWords: 'related recommended cards grid',
            messages: ['badge', 'cards', 'price'],
            wordsMayStay: true,
            headingLevel: 2,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $fact = $settings->number('fact');
        $ids = array_values(array_unique(array_diff(
            [...$context->fact($fact)?->numbers() ?? [], ...$settings->ids('products')],
            $context->subject instanceof Product ? [$context->subject->id] : [],
        )));
        $cards = $context->shop->cards($ids);

        return $cards === []
            ? Composed::absent($ids === [] ? ($fact === null ? 'no products are picked' : 'this product has nothing in '.($context->shop->nameOf('fact', $fact) ?? 'this fact')) : 'none of the picked products can be seen in the shop')
            : Composed::shown(['title' => $settings->text('title'), 'cards' => $cards])->until(self::until($cards));
    }

    /** @param  list<array<string, mixed>>  $cards */
    private static function until(array $cards): ?int
    {
        $instants = array_filter(array_column($cards, 'until'), is_int(...));

        return $instants === [] ? null : min($instants);
    }
}
