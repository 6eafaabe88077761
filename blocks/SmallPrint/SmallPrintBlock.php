<?php

declare(strict_types=1);

namespace Vestibra\Blocks\SmallPrint;

use DateTimeImmutable;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Alike;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Links;
use Vestibra\Core\Templates\Types\Text;

/** The last line of a page: the year and the shop's name, what has to be said, and the links that have to be there. */
final readonly class SmallPrintBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'small-print',
            'Small print',
            Shelf::Say,
            [
                Setting::words('text', 'Words', new Text(400, lines: true), 'print.words'),
                Setting::what('links', 'Links', new Links, []),
            ],
            searchWords: 'legal imprint copyright year terms privacy',
            onCards: false,
            messages: ['print', 'links'],
            wordsMayStay: true,
            pieces: [
                Piece::letters('words', 'Words', '.small-print-words'),
                Piece::link('link', 'Links', 'a'),
            ],
            alike: new Alike,
        );
    }

    /** `{year}` and `{shop}` are filled in; the year is another one from the shop's new year on. */
    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $wall = $context->shop->zone()->wall($context->now);
        $year = substr($wall, 0, 4);
        $text = $settings->text('text');
        $links = array_values(array_filter(
            $settings->links('links'),
            static fn (array $line): bool => $line['words'] !== '' && $line['link'] !== '',
        ));
        $ends = $context->shop->zone()->instant(sprintf('%04d-01-01', (int) $year + 1));
        $turns = str_contains($text, '{year}') && $ends instanceof DateTimeImmutable;

        return $text === '' && $links === []
            ? Composed::absent('it says nothing')
            : Composed::shown([
                'text' => strtr($text, ['{year}' => $year, '{shop}' => $context->shop->name()]),
                'links' => $links,
            ])->until($turns ? $ends->getTimestamp() : null);
    }
}
