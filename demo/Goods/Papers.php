<?php

declare(strict_types=1);

namespace Vestibra\Demo\Goods;

use Vestibra\Demo\Good;

final class Papers
{
    private const COVERS = [
        'Teal' => '#1f6f70', 'Brick' => '#9c4a38', 'Ink' => '#2b3557', 'Oat' => '#cdbb95', 'Moss' => '#6a7541',
        'Plum' => '#6d2d4e',
    ];

    private const NOTEBOOKS = [
        ['Fieldmouse', 'Pocket notebooks', 780, 'Brindlace'], ['Waymark', 'Pocket notebooks', 950, 'Ostrelve'],
        ['Tollgate', 'Pocket notebooks', 690, 'Thessamer'],
        ['Sixpence', 'Pocket notebooks', 540, 'Hallorme'], ['Ledgerline', 'Desk notebooks', 1650, 'Pellinray'],
        ['Commonplace', 'Desk notebooks', 2200, 'Ostrelve'],
        ['Longhand', 'Desk notebooks', 1900, 'Brindlace'], ['Meetings', 'Desk notebooks', 1450, 'Thessamer'],
        ['Daybook', 'Desk notebooks', 2600, 'Hallorme'],
        ['Gardener’s year', 'Desk notebooks', 2450, 'Pellinray'], ['Recipe book', 'Desk notebooks', 2800, 'Thessamer'],
        ['Exercise books, five', 'Notebooks', 1250, 'Brindlace'],
        ['Loose-leaf binder', 'Notebooks', 3100, 'Ostrelve'],
        ['Birdwatcher’s log', 'Pocket notebooks', 1100, 'Pellinray'],
    ];

    private const SHEETS = [
        ['Laid writing paper', 'sheets', '#fbf6e6', '#e4dcc6', 'Writing paper', 1150, 'Pellinray'],
        ['Blue airmail paper', 'sheets', '#dfeaf4', '#bccfe0', 'Writing paper', 860, 'Thessamer'],
        ['Smooth white paper', 'sheets', '#ffffff', '#e2e6ea', 'Writing paper', 980, 'Ostrelve'],
        ['Dotted paper pad', 'sheets', '#fdfbf4', '#d9d4c6', 'Writing paper', 740, 'Brindlace'],
        ['Music paper', 'sheets', '#fbf8ee', '#a9a391', 'Writing paper', 890, 'Hallorme'],
        ['Lined envelopes, teal', 'envelope', '#efe7d3', '#1f6f70', 'Cards and envelopes', 1250, 'Pellinray'],
        ['Lined envelopes, brick', 'envelope', '#efe7d3', '#9c4a38', 'Cards and envelopes', 1250, 'Pellinray'],
        ['Grey envelopes', 'envelope', '#c9ced1', '#8d969c', 'Cards and envelopes', 920, 'Thessamer'],
        ['Edged cards, ten', 'cards', '#fffdf6', '#6d2d4e', 'Cards and envelopes', 1400, 'Brindlace'],
        ['Plain cards, ten', 'cards', '#fffdf6', '#cdbb95', 'Cards and envelopes', 1100, 'Brindlace'],
        ['Thank-you cards', 'cards', '#fff8ec', '#a8671a', 'Cards and envelopes', 1300, 'Ostrelve'],
        ['Postcards to colour in', 'cards', '#ffffff', '#1d7f86', 'Cards and envelopes', 800, 'Thessamer'],
        ['Letter set, teal', 'envelope', '#e3efec', '#0f6f74', 'Cards and envelopes', 1950, 'Ostrelve'],
        ['Letter set, plum', 'envelope', '#f1e3e9', '#7a1f3d', 'Cards and envelopes', 1950, 'Ostrelve'],
    ];

    /** @return list<Good> */
    public static function all(): array
    {
        $goods = [];
        foreach (self::NOTEBOOKS as $number => [$name, $category, $price, $brand]) {
            $good = new Good(
                str_contains($name, 'book') || str_contains($name, 'binder') || str_contains($name, 'log')
                    ? $name
                    : "$name notebook",
                $category,
                $price,
            );
            $good->brand = $brand;
            $covers = array_slice(self::COVERS, $number % 3, 2 + $number % 3);
            $good->options['Cover'] = array_map(
                static fn (string $cover, string $colour): array => [$cover, $colour],
                array_keys($covers),
                $covers,
            );
            if ($number % 4 !== 3) {
                $good->options['Ruling'] = array_map(static fn (string $ruling): array => [$ruling, null], [
                    'Plain', 'Lined', 'Dotted', 'Squared',
                ]);
            }
            $good->drawnPerColour = 'notebook';
            $first = (string) reset($covers);
            $good->views = [['open', $first, '#c79a4b'], ['stack', $first, '#c79a4b']];
            $good->short = Words::pick(
                [
                    'Takes wet ink without a shadow on the other side.',
                    'Lies flat from the first page to the last.',
                    'Small enough to be with you when it matters.',
                ],
                $number,
            );
            $good->description = Words::html(
                'Sewn in sections, bound in cloth, with a ribbon that reaches past the last page.',
                'The paper is 90 g/m² and smooth; most inks dry on it within fifteen seconds.',
                ['192 pages', 'Pocket at the back', 'Paper from managed woods'],
            );
            $good->stock = 3 + $number * 7 % 30;
            $good->reviews = $number * 4 % 19;
            $good->stars = 4.1 + $number % 4 * 0.2;
            $good->tags = [$number % 2 === 0 ? 'everyday' : 'travel'];
            $goods[] = $good;
        }
        foreach (self::SHEETS as $number => [$name, $what, $colour, $second, $category, $price, $brand]) {
            $good = new Good($name, $category, $price);
            $good->brand = $brand;
            $good->views = [[$what, $colour, $second], [$what === 'sheets' ? 'stack' : 'sheets', $colour, $second]];
            if ($what === 'sheets') {
                $good->options['Size'] = array_map(
                    static fn (string $size): array => [$size, null],
                    ['A4', 'A5', 'A6'],
                );
                $good->step = -150;
            }
            $good->short = Words::pick(
                [
                    'For letters that are kept.',
                    'Crisp under the pen, quiet in the hand.',
                    'Plain, good, and always in stock.',
                ],
                $number,
            );
            $good->description = Words::html(
                'Made on a slow machine and rested before it is cut.',
                'Feathering and bleeding are rare, even with broad nibs.',
                ['100 g/m²', 'Fits our envelopes', 'Wrapped in paper, not in plastic'],
            );
            $good->reviews = $number * 3 % 14;
            $good->tags = ['letters', ...($number % 4 === 0 ? ['gift'] : [])];
            $goods[] = $good;
        }
        $goods[2]->sale = [30, '-2 days', null];
        $goods[18]->reviews = 0;

        return $goods;
    }
}
