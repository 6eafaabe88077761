<?php

declare(strict_types=1);

namespace Vestibra\Blocks\OwnBlocks;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\FilledWith;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Types\Numbered;

/** What a product has as a fact of the kind blocks: words and pictures laid out for it alone. */
final readonly class OwnBlocksBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'own-blocks',
            'Product’s own blocks',
            Shelf::Show,
            [Setting::what('fact', 'The fact', new Numbered('blocks-fact'), null)],
            searchWords: 'story fact rich content single product',
            onCards: false,
            subjects: [SubjectKind::Product],
            filledWith: FilledWith::OwnBlocks,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $fact = $settings->number('fact');

        return Composed::holding($children, $fact === null
            ? 'choose which fact stands here'
            : 'this product has nothing in '.($context->shop->nameOf('fact', $fact) ?? 'this fact'));
    }
}
