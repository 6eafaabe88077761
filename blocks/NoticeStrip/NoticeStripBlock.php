<?php

declare(strict_types=1);

namespace Vestibra\Blocks\NoticeStrip;

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
use Vestibra\Core\Templates\Types\Toggle;

/** A line of news across the page. Who closes it does not see it again until it says something else. */
final readonly class NoticeStripBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'notice-strip',
            'Notice strip',
            Shelf::Say,
            [
                Setting::words('text', 'Words', new Text(160), 'strip.words', true),
                Setting::what('more', 'Words of the link', new Text(40), ''),
                Setting::sourced('link', 'Leads to', new Link, ''),
                Setting::what('closes', 'Customers can close it', new Toggle, true),
            ],
            searchWords: 'announcement bar news message banner close',
            onCards: false,
            messages: ['strip'],
            pieces: [
                Piece::letters('words', 'Words', '.notice-strip-words'),
                Piece::link('link', 'Link', '.notice-strip-link'),
                Piece::pressed('close', 'Way to close it', 'button'),
            ],
            alike: new Alike,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $text = $settings->text('text');
        $link = $settings->link('link');
        $mark = substr(hash('xxh128', "$text $link"), 0, 12);

        return match (true) {
            $text === '' => Composed::absent($settings->nothing('text', 'it says nothing')),
            $settings->bool('closes') && $context->shop->isClosed($mark) => Composed::absent('you have closed it'),
            default => Composed::shown([
                'text' => $text,
                'more' => $link === '' ? '' : $settings->text('more'),
                'link' => $link,
                'mark' => $settings->bool('closes') ? $mark : null,
            ]),
        };
    }
}
