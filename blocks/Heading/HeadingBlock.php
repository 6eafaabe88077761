<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Heading;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\OwnHeading;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Alike;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Link;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\WordsRoom;

final readonly class HeadingBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'heading',
            'Heading',
            Shelf::Say,
            [
                Setting::words('text', 'Words', new Text(200), 'heading.text', true),
                Setting::sourced('link', 'Leads to', new Link, ''),
                Setting::what(
                    'level',
                    'Heading level',
                    new Choice(OwnHeading::LEVELS),
                    'h2',
                ),
            ],
            searchWords: 'words title section',
            messages: ['heading'],
            pieces: [
                Piece::link('link', 'Link', 'a'),
            ],
            room: new WordsRoom('text', 'heading-size', 3),
            alike: new Alike,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $text = $settings->text('text');

        return $text === ''
            ? Composed::absent('no words')
            : Composed::shown([
                'text' => $text,
                'level' => $settings->text('level'),
                'link' => $settings->link('link'),
            ]);
    }
}
