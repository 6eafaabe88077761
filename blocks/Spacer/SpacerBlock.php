<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Spacer;

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

final readonly class SpacerBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'spacer',
            'Spacer',
            Shelf::Arrange,
            [Setting::how('height', 'Height', new Amount(1, 400), 'height')],
            searchWords: 'gap distance room',
            whole: [StyleGroup::Box, StyleGroup::Place],
            alike: new Alike,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::shown();
    }
}
