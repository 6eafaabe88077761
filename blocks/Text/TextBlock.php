<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Text;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Alike;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Link;
use Vestibra\Core\Templates\Types\Text;

final readonly class TextBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'text',
            'Text',
            Shelf::Say,
            [
                Setting::words('text', 'Words', new Text(5000, true), 'text.text', true),
                Setting::sourced('link', 'Leads to', new Link, ''),
            ],
            searchWords: 'words paragraph note',
            messages: ['text'],
            pieces: [
                Piece::link('link', 'Link', 'a'),
            ],
            alike: new Alike,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $text = $settings->text('text');

        return trim($text) === '' ? Composed::absent('no words') : Composed::shown([
            'text' => $text,
            'link' => $settings->link('link'),
        ]);
    }
}
