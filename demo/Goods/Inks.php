<?php

declare(strict_types=1);

namespace Vestibra\Demo\Goods;

use Vestibra\Demo\Good;

final class Inks
{
    /** name, colour, a word for it, kind */
    private const BOTTLED = [
        ['Teal Tide', '#0f6f74', 'blue-green', 'Bottled', 'Ostrelve'],
        ['Mulled Plum', '#7a1f3d', 'red-violet', 'Bottled', 'Ostrelve'],
        ['Night Mail', '#22306e', 'blue', 'Shimmer', 'Pellinray'],
        ['Archive Blue', '#274b7d', 'iron blue', 'Permanent', 'Ostrelve'],
        ['Lamp Black', '#33363b', 'black', 'Permanent', 'Brindlace'],
        ['Amber Post', '#a8671a', 'amber', 'Bottled', 'Pellinray'],
        ['Fern Draft', '#3c6b35', 'green', 'Bottled', 'Brindlace'],
        ['Heather', '#8b3f6b', 'heather', 'Bottled', 'Brindlace'],
        ['Slate Row', '#54616d', 'grey', 'Bottled', 'Thessamer'],
        ['Rust Gate', '#9a4324', 'rust', 'Bottled', 'Ostrelve'],
        ['Moss Hour', '#5d6b2a', 'moss green', 'Bottled', 'Thessamer'],
        ['Star Ledger', '#2b2f6b', 'violet-blue', 'Shimmer', 'Pellinray'],
        ['Copper Rain', '#8a4b2a', 'copper brown', 'Shimmer', 'Ostrelve'],
        ['Sea Lantern', '#1d7f86', 'sea green', 'Shimmer', 'Thessamer'],
        ['Rosehip', '#b3283c', 'red', 'Bottled', 'Thessamer'],
        ['Courier Violet', '#54328a', 'violet', 'Bottled', 'Pellinray'],
        ['Walnut Desk', '#5a3d28', 'brown', 'Permanent', 'Brindlace'],
        ['Hallorme Deep Water', '#16425b', 'deep blue', 'Bottled', 'Hallorme'],
        ['Hallorme Orchard', '#4f7a2e', 'apple green', 'Bottled', 'Hallorme'],
        ['Hallorme Brick', '#8f3b2e', 'brick red', 'Bottled', 'Hallorme'],
        ['Hallorme Smoke', '#6a6a70', 'smoke grey', 'Permanent', 'Hallorme'],
        ['Hallorme Gilt', '#96752b', 'old gold', 'Shimmer', 'Hallorme'],
        ['Hallorme Vesper', '#3d2f63', 'dusk violet', 'Shimmer', 'Hallorme'],
    ];

    private const CARTRIDGES = [
        ['Teal Tide', '#0f6f74', 'Ostrelve'], ['Mulled Plum', '#7a1f3d', 'Ostrelve'],
        ['Night Mail', '#22306e', 'Pellinray'],
        ['Lamp Black', '#33363b', 'Brindlace'], ['Amber Post', '#a8671a', 'Pellinray'],
        ['Heather', '#8b3f6b', 'Brindlace'],
        ['Deep Water', '#16425b', 'Hallorme'], ['Rosehip', '#b3283c', 'Thessamer'],
    ];

    /** @return list<Good> */
    public static function all(): array
    {
        $goods = [];
        foreach (self::BOTTLED as $number => [$name, $colour, $word, $kind, $brand]) {
            $goods[] = self::bottled($number, $name, $colour, $word, $kind, $brand);
        }
        foreach (self::CARTRIDGES as $number => [$name, $colour, $brand]) {
            $good = new Good("$name cartridges", 'Ink cartridges', 320);
            $good->brand = $brand;
            $good->views = [['cartridges', $colour, $colour], ['swatch', $colour, $colour]];
            $good->options = ['Pack' => [['6 pieces', null], ['12 pieces', null]]];
            $good->step = 260;
            $good->short = "The ink of the $name bottle, six at a time and no stained fingers.";
            $good->description = Words::html(
                'Short cartridges that fit most of our pens.',
                'One writes about eleven pages.',
                ['Short format', 'Seals by a ball', 'Keep them cool'],
            );
            $good->reviews = $number * 3 % 11;
            $good->tags = ['everyday'];
            $goods[] = $good;
        }

        return self::awkward($goods);
    }

    private static function bottled(
        int $number,
        string $name,
        string $colour,
        string $word,
        string $kind,
        string $brand,
    ): Good {
        $good = new Good("$name bottled ink", match ($kind) {
            'Shimmer' => 'Shimmer inks', 'Permanent' => 'Permanent inks', default => 'Bottled inks'
        }, 950 + $number % 4 * 100);
        $seconds = 6 + $number * 5 % 14;
        $good->brand = $brand;
        $good->views = [['bottle', $colour, $colour], ['swatch', $colour, $colour], ['desk-ink', $colour, $colour]];
        $good->options = ['Bottle' => [['30 ml', null], ['50 ml', null], ['100 ml', null]]];
        $good->step = 400;
        $good->short = Words::pick([
            "A $word that dries in $seconds seconds and shades well on smooth paper.",
            "A calm $word with more to it at the end of every stroke.",
            "The $word we write our own labels with.",
        ], $number);
        $good->description = Words::html(
            Words::pick([
                "$name was mixed for long letters: it flows easily, keeps its colour and leaves the nib clean.",
                "$name goes on wet and settles into a $word that changes with the paper under it.",
                "We asked for a $word that is neither loud nor shy, and $name is what came back.",
            ], $number),
            $kind === 'Shimmer'
                ? 'Fine mica gives it a glint. Turn the bottle over twice before filling, and rinse the pen every '
                    .'other week.'
                : 'It rinses out of a pen with cold water and behaves in every nib that we sell.',
            [
                "Dries in about $seconds seconds on 90 g/m² paper",
                $kind === 'Permanent' ? 'Stands up to water and light' : 'Washes out of cotton at 40 °C',
                'Glass bottle with a wide neck',
            ],
        );
        $good->tags = [$kind === 'Shimmer' ? 'gift' : 'everyday', ...($number % 5 === 0 ? ['letters'] : [])];
        $good->reviews = $number * 7 % 26;
        $good->stars = 3.9 + $number % 6 * 0.2;
        $good->stock = $number % 3 === 0 ? null : 12 + $number;

        return $good;
    }

    /**
     * @param  list<Good>  $goods
     * @return list<Good>
     */
    private static function awkward(array $goods): array
    {
        $goods[1]->sale = [20, '-10 days', '+20 days'];
        $goods[5]->sale = [15, '-60 days', '-30 days'];
        $goods[6]->title =
            'Fern Draft bottled ink for slow winter letters, mixed in small batches and rested for a year';
        $goods[2]->soldOut = [0, 1, 2];
        $goods[3]->views = [];
        $goods[4]->reviews = 200;
        $goods[4]->stars = 4.6;
        $goods[7]->reviews = 0;
        $goods[8]->short = '';
        $goods[9]->views = [['bottle', '#9a4324', '#9a4324']];
        $goods[14]->sale = [33, '-5 days', '+40 days'];
        $goods[0]->soldOut = [2];
        $goods[0]->reviews = 38;
        $hidden = new Good('Winter Trial bottled ink', 'Bottled inks', 1100);
        $hidden->brand = 'Ostrelve';
        $hidden->published = false;
        $hidden->views = [['bottle', '#4b6f8f', '#4b6f8f']];
        $hidden->short = 'Not yet on the shelf.';
        $set = new Good('Mixing set of six inks', 'Inks', 3900);
        $set->brand = 'Thessamer';
        $set->views = [['desk-ink', '#1d7f86', '#1d7f86'], ['swatch', '#b3283c', '#b3283c']];
        $set->short = 'Six small bottles and a pipette, for colours of your own.';
        $set->description = Words::html(
            'Start with equal drops, write down what you did, and let it rest overnight.',
            'All six mix with one another.',
            ['Six bottles of 15 ml', 'Glass pipette', 'Card for your recipes'],
        );
        $set->tags = ['gift'];
        $set->stock = 1;
        $set->reviews = 9;

        return [...$goods, $hidden, $set];
    }
}
