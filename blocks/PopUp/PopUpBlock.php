<?php

declare(strict_types=1);

namespace Vestibra\Blocks\PopUp;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\OwnHeading;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Starter;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Text;

final readonly class PopUpBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'pop-up',
            'Pop-up',
            Shelf::Arrange,
            [
                Setting::words('label', 'Words on the link', new Text(60), 'pop-up.label'),
                Setting::words('title', 'Title', new Text(80), 'pop-up.title'),
                OwnHeading::setting(),
            ],
            role: Role::Block,
            accepts: Role::Block,
            starters: [new Starter('Pop-up', ['kind' => 'pop-up', 'children' => [['kind' => 'rich-text']]])],
            searchWords: 'size guide dialog window',
            onCards: false,
            messages: ['pop-up'],
            pieces: [
                Piece::link('open', 'Link', '.pop-up-open'),
                Piece::box('sheet', 'Sheet', '.pop-up-sheet')->withLines(),
                Piece::letters('title', 'Heading', '.pop-up-title'),
                Piece::link('close', 'Close', '.pop-up-close'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::holding($children, 'empty: put a block here', [
            'label' => $settings->named('label'),
            'title' => $settings->named('title'),
            ...OwnHeading::of($settings),
        ]);
    }
}
