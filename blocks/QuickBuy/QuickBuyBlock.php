<?php

declare(strict_types=1);

namespace Vestibra\Blocks\QuickBuy;

use Vestibra\Core\Catalogue\Variant;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\Types\Toggle;

/** Buying from a list: at once where there is nothing to choose, else by way of the product's page. */
final readonly class QuickBuyBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'quick-buy',
            'Buy from the list',
            Shelf::Choose,
            [
                Setting::words('label', 'Words on the button', new Text(40), 'buy.label'),
                Setting::words('choose', 'With something to choose', new Text(40), 'buy.choose'),
                Setting::words('soldOut', 'When sold out', new Text(60), 'buy.gone'),
                Setting::what('look', 'Look', new Choice(['line' => 'outlined', 'full' => 'filled']), 'line'),
                Setting::how('wide', 'Fills the row', new Toggle('1', '0'), '--quick-buy-grow'),
            ],
            searchWords: 'cart button add card',
            messages: ['buy', 'notice', 'price'],
            sells: true,
            wordsMayStay: true,
            subjects: [SubjectKind::Product],
            pieces: [
                Piece::pressed('button', 'Button', '.quick-buy-button')->withLines()->asChief(),
                Piece::letters('gone', 'Sold out', '.quick-buy-gone'),
                Piece::letters('said', 'What it says', '.quick-buy-said'),
                Piece::link('toCart', 'Link to the cart', '.quick-buy-said a'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $product = $context->product();
        $inStock = array_values(array_filter($product->variants, static fn (Variant $one): bool => $one->isInStock()));
        $state = match (true) {
            $product->variants === [] => 'none',
            $inStock === [] => 'gone',
            isset($product->variants[1]) => 'choose',
            default => 'buy',
        };

        return Composed::shown([
            'state' => $state,
            'words' => $state === 'none'
                ? $context->messages->say('price.not-for-sale')
                : $settings->named(['gone' => 'soldOut', 'choose' => 'choose', 'buy' => 'label'][$state]),
            'title' => $product->title,
            'page' => $context->addresses->product($product->slug),
            'action' => $context->addresses->addToCart(),
            'variant' => $state === 'buy' ? $inStock[0]->id : 0,
            'look' => $settings->text('look'),
        ]);
    }
}
