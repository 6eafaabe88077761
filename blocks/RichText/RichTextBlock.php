<?php

declare(strict_types=1);

namespace Vestibra\Blocks\RichText;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Alike;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\RichText;

final readonly class RichTextBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'rich-text',
            'Rich text',
            Shelf::Say,
            [
                Setting::words('text', 'Words', new RichText, 'rich-text.text', true),
            ],
            searchWords: 'words paragraph bold list link table',
            messages: ['rich-text'],
            narrow: true,
            pieces: [
                Piece::letters('heading', 'Headings', ':is(h2, h3, h4)'),
                Piece::letters('strong', 'Strong words', ':is(strong, b)'),
                Piece::link('link', 'Links', 'a'),
                Piece::box('cell', 'Cells of tables', ':is(td, th)')->withLines(),
            ],
            alike: new Alike,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $html = $settings->rich('text');

        return $html === ''
            ? Composed::absent($settings->nothing('text', 'no words'))
            : Composed::shown(['html' => $html]);
    }
}
