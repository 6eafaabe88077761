<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Holder;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Alike;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Types\AnotherSubject;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Direction;
use Vestibra\Core\Templates\Types\StepOfScale;

final readonly class HolderBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'holder',
            'Holder',
            Shelf::Arrange,
            [
                Setting::what('subject', 'Shows the product', new AnotherSubject, null),
                Setting::how('direction', 'Blocks stand', new Direction, 'flex-direction'),
                Setting::how('gap', 'Between blocks', new StepOfScale, 'gap'),
                Setting::how('align', 'Across', new Choice(
                    [
                        'stretch' => 'full', 'flex-start' => 'at the start', 'center' => 'in the middle',
                        'flex-end' => 'at the end',
                    ],
                ), 'align-items'),
                Setting::how('stand', 'Along', new Choice(
                    [
                        'flex-start' => 'at the start', 'center' => 'in the middle', 'flex-end' => 'at the end',
                        'space-between' => 'spread apart',
                    ],
                ), 'justify-content'),
            ],
            Role::Block,
            Role::Block,
            searchWords: 'group row side by side box another product subject',
            alike: new Alike(unless: ['subject']),
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::holding($children, 'empty: put a block here', ['subject' => $settings->number('subject')]);
    }
}
