<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Tab;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\OwnHeading;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Types\Text;

final readonly class TabBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'tab',
            'Tab',
            Shelf::Arrange,
            [Setting::words('title', 'Title', new Text(60), 'tab.title'), OwnHeading::setting()],
            Role::Tab,
            Role::Block,
            headingLevel: 2,
            messages: ['tab'],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::holding($children, 'empty tab: put a block here', [
            'title' => $settings->named('title'),
            ...OwnHeading::of($settings),
        ]);
    }
}
