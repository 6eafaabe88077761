<?php

declare(strict_types=1);

namespace Vestibra\Blocks\ShortDescription;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Colour;

final readonly class ShortDescriptionBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'short-description',
            'Short description',
            Shelf::Show,
            [
                Setting::how('size', 'Size', new Amount(12, 48), 'font-size', 'text-size'),
                Setting::how('colour', 'Colour', new Colour, 'color', 'colour-ink'),
            ],
            searchWords: 'summary teaser text',
            subjects: [SubjectKind::Product],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $html = $context->product()->shortDescription;

        return $html === '' ? Composed::absent('this product has no short description') : Composed::shown(['html' => $html]);
    }
}
