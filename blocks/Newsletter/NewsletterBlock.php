<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Newsletter;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Alike;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Text;

/**
 * Where customers leave an address for letters from the shop; it counts once they have followed the link that they are
 * sent.
 */
final readonly class NewsletterBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'newsletter',
            'Newsletter',
            Shelf::More,
            [
                Setting::words('title', 'Heading', new Text(80), 'news.title'),
                Setting::words('text', 'Words', new Text(240, lines: true), 'news.words'),
                Setting::words('label', 'Words on the button', new Text(30), 'news.label'),
            ],
            searchWords: 'mail email subscribe letters news address',
            onCards: false,
            messages: ['news', 'reviews'],
            wordsMayStay: true,
            pieces: [
                Piece::letters('title', 'Heading', '.newsletter-title'),
                Piece::letters('words', 'Words', '.newsletter-words'),
                Piece::box('field', 'Field', 'input')->withLines(),
                Piece::pressed('button', 'Button', '.button')->withLines()->asChief(),
            ],
            alike: new Alike,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::shown([
            'title' => $settings->text('title'),
            'text' => $settings->text('text'),
            'label' => $settings->named('label'),
        ]);
    }
}
