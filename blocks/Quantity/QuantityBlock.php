<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Quantity;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Quantities;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Text;

/** How many are wanted, wherever on the page it is asked; it is sent with what is bought. */
final readonly class QuantityBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'quantity',
            'Quantity',
            Shelf::Choose,
            [
                Setting::words('label', 'Words before it', new Text(40), 'buy.quantity'),
            ],
            searchWords: 'how many number amount buy field',
            onCards: false,
            messages: ['buy'],
            wordsMayStay: true,
            subjects: [SubjectKind::Product],
            pieces: [
                Piece::letters('label', 'Words before it', '.quantity-label'),
                Piece::box('field', 'Field', 'input')->withLines()->asChief(),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $variant = $context->chosen()->variant;

        return $variant === null
            ? Composed::absent('nothing to buy: this product has no variant')
            : Composed::shown([
                Quantities::ASKS => $context->product()->id,
                'label' => $settings->named('label'),
                'inStock' => $variant->isInStock(),
            ]);
    }
}
