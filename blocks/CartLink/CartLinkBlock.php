<?php

declare(strict_types=1);

namespace Vestibra\Blocks\CartLink;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Templates\Alike;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Text;

/** The way to the cart, with how much is in it. */
final readonly class CartLinkBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'cart-link',
            'Way to the cart',
            Shelf::Choose,
            [
                Setting::words('label', 'Words', new Text(40), 'top.cart'),
                Setting::what(
                    'look',
                    'Shows',
                    new Choice(['both' => 'a basket and words', 'words' => 'words', 'drawing' => 'a basket']),
                    'both',
                ),
            ],
            searchWords: 'basket bag checkout number count',
            onCards: false,
            messages: ['top'],
            essential: Essential::Cart,
            wordsMayStay: true,
            pieces: [
                Piece::pressed('link', 'Link', 'a')->asChief(),
                Piece::drawing('basket', 'Basket', 'svg'),
                Piece::letters('number', 'Number', '.cart-link-number'),
            ],
            alike: new Alike,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::shown([
            'label' => $settings->named('label'),
            'look' => $settings->text('look'),
            'count' => $context->shop->inCart(),
        ]);
    }
}
