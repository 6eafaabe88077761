<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Divider;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Styling\StyleGroup;
use Vestibra\Core\Templates\Alike;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Colour;

final readonly class DividerBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'divider',
            'Divider',
            Shelf::Arrange,
            [
                Setting::how('colour', 'Colour', new Colour, 'border-color', 'colour-line'),
                Setting::how('weight', 'Weight', new Amount(1, 12), 'border-top-width'),
                Setting::how(
                    'line',
                    'Line',
                    new Choice(['solid' => 'plain', 'dashed' => 'dashed', 'dotted' => 'dotted', 'double' => 'double']),
                    'border-top-style',
                ),
                Setting::how('length', 'Length', new Amount(5, 100, '%'), 'width'),
            ],
            searchWords: 'line rule separator',
            whole: [StyleGroup::Box, StyleGroup::Place],
            alike: new Alike,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::shown();
    }
}
