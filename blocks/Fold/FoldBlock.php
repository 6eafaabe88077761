<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Fold;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\Types\Toggle;

final readonly class FoldBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'fold',
            'Fold',
            Shelf::Arrange,
            [
                Setting::words('title', 'Title', new Text(160), 'fold.title'),
                Setting::what('open', 'Open at first', new Toggle, false),
            ],
            Role::Fold,
            Role::Block,
            messages: ['fold'],
            pieces: [
                Piece::pressed('summary', 'Heading', '> summary')
                    ->when(PieceState::Chosen, '&[open] > summary')
                    ->asChief(),
                Piece::box('answer', 'Inside', '> .fold-inner'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::holding($children, 'empty fold: put a block here', [
            'title' => $settings->named('title'),
            'open' => $settings->bool('open'),
        ]);
    }
}
