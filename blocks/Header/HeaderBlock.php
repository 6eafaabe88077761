<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Header;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Alike;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Types\Choice;

/** What stands above a page: what a header's tree begins with. */
final readonly class HeaderBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'header',
            'Header',
            null,
            [
                Setting::what('stays', 'On scrolling', new Choice([
                    'no' => 'goes with the page',
                    'up' => 'comes back on the way up',
                    'always' => 'stays at the top',
                ]), 'no'),
            ],
            Role::Page,
            Role::Band,
            alike: new Alike,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::shown(['stays' => $settings->text('stays')]);
    }
}
