<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Footer;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Alike;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Role;

/** What stands below a page: what a footer's tree begins with. */
final readonly class FooterBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition('footer', 'Footer', null, [], Role::Page, Role::Band, alike: new Alike);
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::shown();
    }
}
