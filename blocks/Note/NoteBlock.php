<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Note;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Icons;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Styling\StyleGroup;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Text;

final readonly class NoteBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'note',
            'Note with an icon',
            Shelf::Reassure,
            [
                Setting::what('icon', 'Icon', new Choice(Icons::NAMES), 'parcel'),
                Setting::words('text', 'Words', new Text(200), 'note.text', true),
                Setting::sourced('more', 'Smaller words', new Text(300), ''),
            ],
            searchWords: 'icon delivery returns reassurance',
            messages: ['note'],
            pieces: [
                Piece::box('icon', 'Icon', '.note-icon')->and(StyleGroup::Movement),
                Piece::letters('words', 'Words', '.note-text'),
                Piece::letters('more', 'Small words', '.note-more'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $text = $settings->text('text');

        return $text === ''
            ? Composed::absent($settings->nothing('text', 'no words'))
            : Composed::shown(
                ['icon' => Icons::svg($settings->text('icon')), 'text' => $text, 'more' => $settings->text('more')],
            );
    }
}
