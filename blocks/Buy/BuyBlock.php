<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Buy;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Composing\Structured\Said;
use Vestibra\Core\Composing\Structured\SaysOfPage;
use Vestibra\Core\Composing\Structured\StructuredPart;
use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\Types\Toggle;

final readonly class BuyBlock implements BlockKind, SaysOfPage
{
    public function definition(): Definition
    {
        return new Definition(
            'buy',
            'Quantity and buy',
            Shelf::Choose,
            [
                Setting::words('label', 'Words on the button', new Text(40), 'buy.label'),
                Setting::what('quantity', 'Quantity field', new Toggle, true),
                Setting::what(
                    'after',
                    'After adding',
                    new Choice(
                        ['stay' => 'stay on the page', 'cart' => 'go to the cart', 'checkout' => 'go to the checkout'],
                    ),
                    'stay',
                ),
                Setting::what('few', 'Say how many are left, from', new Amount(0, 99, ''), 5),
                Setting::what('buyNow', 'Second button, to the checkout', new Toggle, false),
                Setting::words('buyNowLabel', 'Words on the second', new Text(40), 'buy.now'),
                Setting::words('soldOut', 'When sold out', new Text(160), 'buy.sold-out'),
                Setting::words('soldOutOne', 'With nothing to choose', new Text(160), 'buy.sold-out-one'),
                Setting::how('wide', 'Button fills the row', new Toggle('1', '0'), '--buy-grow'),
            ],
            searchWords: 'cart button add quantity order',
            messages: ['buy', 'notice'],
            essential: Essential::Buy,
            sells: true,
            wordsMayStay: true,
            subjects: [SubjectKind::Product],
            pieces: [
                Piece::pressed('button', 'Button', '.buy-button:not(.buy-now)')->asChief(),
                Piece::pressed('now', 'Buy now', '.buy-button.buy-now')->withLines(),
                Piece::box('quantity', 'Quantity', '.buy-quantity')->withLines(),
                Piece::letters('left', 'How many are left', '.buy-left'),
                Piece::box('out', 'Sold out', '.buy-out'),
                Piece::letters('said', 'What it says', '.buy-said'),
                Piece::link('toCart', 'Link to the cart', '.buy-said a'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $variant = $context->chosen()->variant;
        if ($variant === null) {
            return Composed::absent('nothing to buy: this product has no variant');
        }

        return Composed::shown([
            'action' => $context->addresses->addToCart(),
            'variant' => $variant->id,
            'product' => $context->isCard ? null : $context->product()->id,
            'label' => $settings->named('label'),
            'quantity' => $settings->bool('quantity'),
            'after' => $settings->text('after'),
            'buyNow' => $settings->bool('buyNow') ? $settings->named('buyNowLabel') : null,
            'soldOut' => $settings->text(isset($context->product()->variants[1]) ? 'soldOut' : 'soldOutOne'),
            'inStock' => $variant->isInStock(),
            'left' => $variant->stock !== null && $variant->stock > 0 && $variant->stock <= $settings->amount('few')
                ? $variant->stock
                : null,
        ]);
    }

    public function says(Composed $composed, Context $context): array
    {
        return [Said::of(
            $context->subject,
            StructuredPart::Availability,
            $composed->data['inStock'] === true ? StructuredPart::IN_STOCK : StructuredPart::OUT_OF_STOCK,
        )];
    }
}
