<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Note;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Icons;
use Vestibra\Core\Composing\OwnHeading;
use Vestibra\Core\Composing\PictureData;
use Vestibra\Core\Composing\Places\Place;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Styling\StyleGroup;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Link;
use Vestibra\Core\Templates\Types\PictureChoice;
use Vestibra\Core\Templates\Types\RichText;
use Vestibra\Core\Templates\Types\Text;

/**
 * @phpstan-import-type Printed from PictureData
 */
final readonly class NoteBlock implements BlockKind
{
    /** As its style sheet says, in pixels. */
    private const SIZE = 28;

    public function definition(): Definition
    {
        return new Definition(
            'note',
            'Note with an icon',
            Shelf::Reassure,
            [
                Setting::what('icon', 'Icon', new Choice(Icons::NAMES), 'parcel'),
                Setting::what('picture', 'or a picture of your own', new PictureChoice, null),
                Setting::words('text', 'Words', new Text(200), 'note.text', true),
                Setting::what('level', 'They are', new Choice(['p' => 'plain, no heading'] + OwnHeading::LEVELS), 'p'),
                Setting::sourced('more', 'Smaller words', new RichText(1000), ''),
                Setting::sourced('link', 'Leads to', new Link, ''),
                Setting::how('iconStands', 'The icon stands', new IconPlace, 'flex-direction'),
                Setting::how('iconSize', 'Size of the icon', new Amount(12, 240), '--note-icon'),
            ],
            searchWords: 'icon delivery returns reassurance',
            messages: ['note'],
            pieces: [
                Piece::box('icon', 'Icon', '.note-icon')->and(StyleGroup::Movement),
                Piece::letters('words', 'Words', '.note-text'),
                Piece::letters('more', 'Small words', '.note-more'),
                Piece::link('link', 'Link', '.note-text a'),
                Piece::picture('picture', 'Picture', '.note-icon img'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $text = $settings->text('text');

        return $text === ''
            ? Composed::absent($settings->nothing('text', 'no words'))
            : Composed::shown([
                'icon' => Icons::svg($settings->text('icon')),
                'picture' => self::picture($settings, $context),
                'text' => $text,
                'level' => $settings->text('level'),
                'link' => $settings->link('link'),
                'more' => $settings->rich('more'),
            ]);
    }

    /** @return Printed|null */
    private static function picture(Settings $settings, Context $context): ?array
    {
        $picture = $settings->picture('picture');
        $size = $settings->held('iconSize', Width::Desktop);

        return $picture === null ? null : PictureData::of(
            $picture,
            $context->addresses,
            Place::fixed(is_int($size) ? $size : self::SIZE),
        );
    }
}
