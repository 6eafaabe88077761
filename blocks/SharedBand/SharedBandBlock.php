<?php

declare(strict_types=1);

namespace Vestibra\Blocks\SharedBand;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\FilledWith;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Types\Numbered;

/** A kept part placed as shared: it looks the same wherever it stands, and changes everywhere at once. */
final readonly class SharedBandBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'shared-band',
            'Shared part',
            null,
            [Setting::what('part', 'Part', new Numbered('part'), null)],
            Role::Band,
            filledWith: FilledWith::Part,
            onCards: false,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::holding($children, 'this part is empty, or gone');
    }
}
