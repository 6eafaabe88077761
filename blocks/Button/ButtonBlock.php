<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Button;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Alike;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Link;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\Types\Toggle;
use Vestibra\Core\Templates\WordsRoom;

final readonly class ButtonBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'button',
            'Button',
            Shelf::Say,
            [
                Setting::words('text', 'Words', new Text(80), 'button.text', true),
                Setting::sourced('link', 'Leads to', new Link, '/all'),
                Setting::what('newWindow', 'In a new window', new Toggle, false),
                Setting::what(
                    'look',
                    'Look',
                    new Choice(['full' => 'filled', 'line' => 'outlined', 'words' => 'words only']),
                    'full',
                ),
            ],
            searchWords: 'link call leads',
            messages: ['button'],
            room: new WordsRoom('text', 'text-size', 1),
            wordsMayStay: true,
            pieces: [
                Piece::pressed('button', 'Button', 'a')->withLines()->asChief(),
            ],
            alike: new Alike,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $text = $settings->text('text');
        $link = $settings->link('link');

        return match (true) {
            $text === '' => Composed::absent($settings->nothing('text', 'no words on the button')),
            $link === '' => Composed::absent($settings->nothing('link', 'the button leads nowhere')),
            default => Composed::shown([
                'text' => $text,
                'link' => $link,
                'newWindow' => $settings->bool('newWindow'),
                'look' => $settings->text('look'),
            ]),
        };
    }
}
