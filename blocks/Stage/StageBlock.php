<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Stage;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Role;

/** Where blocks stand that are no page of their own: a kept part, or what one product has as a fact. */
final readonly class StageBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition('stage', 'Stage', null, [], Role::Page, Role::Block);
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::shown(['header' => false, 'footer' => false]);
    }
}
