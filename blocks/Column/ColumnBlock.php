<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Column;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Alike;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\ShareOfBand;
use Vestibra\Core\Templates\Types\StepOfScale;
use Vestibra\Core\Templates\Types\Toggle;

final readonly class ColumnBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'column',
            'Column',
            Shelf::Arrange,
            [
                Setting::how('share', 'Share of the band', new Amount(1, 100, ''), '--share'),
                Setting::how('width', 'or of its width', new ShareOfBand, 'flex'),
                Setting::how('most', 'At most so wide', new Amount(100, 3000), '--column-most'),
                Setting::how('order', 'Order', new Amount(-9, 9, ''), 'order'),
                Setting::how('gap', 'Between blocks', new StepOfScale, '--column-gap'),
                Setting::how('staysInView', 'Stays in view', new Toggle('sticky', 'static'), '--column-position'),
                Setting::how('staysAt', 'at a distance of', new Amount(0, 400), '--column-top'),
            ],
            Role::Column,
            Role::Block,
            roomIn: '> .column-inner',
            alike: new Alike,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::shown();
    }
}
