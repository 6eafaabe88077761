<?php

declare(strict_types=1);

namespace Vestibra\Demo\Goods;

use Vestibra\Demo\Good;

final class Pens
{
    private const COLOURS = [
        'Teal' => '#1f6f70', 'Plum' => '#6d2445', 'Navy' => '#26345e', 'Graphite' => '#42474d', 'Ivory' => '#e5d9bd',
        'Moss' => '#5b6a33',
        'Coral' => '#cc6a55', 'Sand' => '#c2a36b',
    ];

    private const NIBS = ['Extra fine', 'Fine', 'Medium', 'Broad', 'Stub'];

    /** name, brand, category, price in pence, number of colours, number of nibs */
    private const MODELS = [
        ['Wherry', 'Ostrelve', 'Piston pens', 8900, 4, 4], ['Tern', 'Ostrelve', 'Cartridge pens', 2400, 5, 3],
        ['Lodestone', 'Pellinray', 'Piston pens', 14500, 3, 4], ['Sexton', 'Brindlace', 'Cartridge pens', 3200, 4, 3],
        ['Halyard', 'Hallorme', 'Piston pens', 11900, 3, 4], ['Postbox', 'Thessamer', 'Cartridge pens', 1900, 6, 2],
        ['Ferryman', 'Hallorme', 'Cartridge pens', 4500, 4, 3], ['Cantle', 'Pellinray', 'Piston pens', 9900, 3, 3],
        ['Kestrel', 'Brindlace', 'Cartridge pens', 2900, 4, 3], ['Meridian', 'Thessamer', 'Piston pens', 16500, 2, 4],
        ['Almanac', 'Ostrelve', 'Cartridge pens', 3900, 3, 3], ['Windrow', 'Hallorme', 'Cartridge pens', 2600, 5, 2],
        ['Palette', 'Thessamer', 'Cartridge pens', 5200, 6, 5], ['Harbour', 'Pellinray', 'Fountain pens', 6400, 3, 3],
        ['Quillon', 'Brindlace', 'Fountain pens', 7200, 3, 3], ['First Pen', 'Ostrelve', 'Fountain pens', 1500, 5, 2],
    ];

    /** @var list<array{string, string, string, int, int}> */
    private const OTHERS = [
        ['Drayman rollerball', 'Brindlace', 'Rollerballs', 2200, 4],
        ['Sloop rollerball', 'Ostrelve', 'Rollerballs', 2800, 3],
        ['Margin rollerball', 'Thessamer', 'Rollerballs', 1800, 5],
        ['Chandler rollerball', 'Hallorme', 'Rollerballs', 3600, 2],
        ['Clutch pencil', 'Pellinray', 'Pencils', 1600, 4], ['Draughtsman pencil', 'Brindlace', 'Pencils', 2100, 3],
        ['Cedar pencils, twelve', 'Thessamer', 'Pencils', 1200, 1], ['Pocket pencil', 'Ostrelve', 'Pencils', 900, 5],
        ['Red and blue pencil', 'Hallorme', 'Pencils', 350, 1], ['Carpenter’s pencil', 'Hallorme', 'Pencils', 420, 1],
    ];

    /** @return list<Good> */
    public static function all(): array
    {
        $goods = [];
        foreach (self::MODELS as $number => [$name, $brand, $category, $price, $colours, $nibs]) {
            $good = self::pen("$name fountain pen", $brand, $category, $price, $number, $colours);
            $good->options['Nib'] = array_map(
                static fn (string $nib): array => [$nib, null],
                array_slice(self::NIBS, $number % 2, $nibs),
            );
            if ($nibs === 5) {
                $good->options['Nib'] = array_map(static fn (string $nib): array => [$nib, null], self::NIBS);
            }
            $good->drawnPerColour = 'pen';
            $good->views = [
                ['nib', self::colour($number), $number % 2 === 0 ? '#c79a4b' : '#b9c0c4'],
                ['pen-case', self::colour($number), '#c79a4b'],
            ];
            $good->short = Words::pick([
                'A pen that starts at the first stroke, even after a week in a drawer.',
                'Light, well balanced, and made to be taken along.',
                'A full barrel of ink and a nib with a little give.',
            ], $number);
            $good->description = Words::html(
                "The $name is turned from resin and finished by hand. The cap closes with a turn and a half and "
                    .'keeps the nib from drying.',
                str_starts_with($category, 'Piston')
                    ? 'It fills by its piston, straight from the bottle.'
                    : 'It takes short cartridges, or a converter for bottled ink.',
                ['Steel nib, tuned by us before it leaves', 'Length 138 mm closed', 'Spare nibs fit without tools'],
            );
            $goods[] = $good;
        }
        foreach (self::OTHERS as $number => [$name, $brand, $category, $price, $colours]) {
            $goods[] = self::other($name, $brand, $category, $price, $number, $colours);
        }

        return self::awkward($goods);
    }

    private static function other(
        string $name,
        string $brand,
        string $category,
        int $price,
        int $number,
        int $colours,
    ): Good {
        $good = self::pen($name, $brand, $category, $price, $number + 3, $colours);
        $what = $category === 'Pencils' ? 'pencil' : 'pen';
        if ($colours > 1) {
            $good->drawnPerColour = $what;
            $good->views = [['pen-case', self::colour($number), '#b9c0c4']];
        } else {
            $good->views = [[$what, self::colour($number + 2), '#b9c0c4']];
        }
        $good->short = $what === 'pencil'
            ? 'A plain good pencil that keeps its point.'
            : 'Writes like a fountain pen, asks for nothing.';
        $good->description = Words::html(
            'Made for the hand that writes all day.',
            'Refills and leads are always on our shelves.',
            ['Metal clip', 'Refillable'],
        );

        return $good;
    }

    private static function pen(
        string $title,
        string $brand,
        string $category,
        int $price,
        int $number,
        int $colours,
    ): Good {
        $good = new Good($title, $category, $price);
        $good->brand = $brand;
        if ($colours > 1) {
            $good->options['Colour'] = [];
            for ($at = 0; $at < $colours; $at++) {
                $name = array_keys(self::COLOURS)[($number + $at) % count(self::COLOURS)];
                $good->options['Colour'][] = [$name, self::COLOURS[$name]];
            }
        }
        $good->stock = $number % 4 === 0 ? null : 2 + $number * 3 % 17;
        $good->reviews = $number * 5 % 31;
        $good->stars = 4.0 + $number % 5 * 0.2;
        $good->tags = [
            ...($price > 8000 ? ['gift'] : ['everyday']),
            ...($number % 3 === 0 ? ['letters'] : []),
            ...($number % 5 === 1 ? ['school'] : []),
        ];

        return $good;
    }

    private static function colour(int $number): string
    {
        return array_values(self::COLOURS)[$number % count(self::COLOURS)];
    }

    /**
     * @param  list<Good>  $goods
     * @return list<Good>
     */
    private static function awkward(array $goods): array
    {
        $goods[0]->soldOut = [1, 5, 9];
        $goods[3]->sale = [25, '-3 days', '+12 days'];
        $goods[5]->alsoIn = ['Desk', 'Notebooks', 'Pens'];
        $goods[9]->sale = [10, '+5 days', '+15 days'];
        $goods[12]->reviews = 64;

        return $goods;
    }
}
