<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Quote;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\WordsRoom;

final readonly class QuoteBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'quote',
            'Quote',
            Shelf::Say,
            [
                Setting::words('text', 'Words', new Text(1000, true), 'quote.text', true),
                Setting::sourced('by', 'Who said it', new Text(120), ''),
            ],
            searchWords: 'said words praise',
            messages: ['quote'],
            room: new WordsRoom('text', 'heading-size', 12),
            pieces: [
                Piece::letters('words', 'Words', 'blockquote')->asChief(),
                Piece::letters('by', 'By', 'figcaption'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $text = trim($settings->text('text'));

        return $text === ''
            ? Composed::absent($settings->nothing('text', 'no words'))
            : Composed::shown(['text' => $text, 'by' => $settings->text('by')]);
    }
}
