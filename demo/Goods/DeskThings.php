<?php

declare(strict_types=1);

namespace Vestibra\Demo\Goods;

use Vestibra\Demo\Good;

final class DeskThings
{
    private const ALL = [
        ['Walnut pen tray', 'tray', '#6b4a30', '#8d6a4a', 'Trays and rests', 3400, 'Brindlace'],
        ['Ash pen tray', 'tray', '#cdb189', '#e2cfae', 'Trays and rests', 2900, 'Brindlace'],
        ['Black pen tray', 'tray', '#33363b', '#4b5056', 'Trays and rests', 3100, 'Thessamer'],
        ['Brass pen rest', 'rest', '#c79a4b', '#26345e', 'Trays and rests', 1800, 'Ostrelve'],
        ['Slate pen rest', 'rest', '#5c666d', '#7a1f3d', 'Trays and rests', 1600, 'Thessamer'],
        ['Rocker blotter, walnut', 'blotter', '#6b4a30', '#dfe9ea', 'Blotting', 2700, 'Brindlace'],
        ['Rocker blotter, beech', 'blotter', '#c99d6a', '#f0e3e3', 'Blotting', 2300, 'Brindlace'],
        ['Blotting paper, ten sheets', 'sheets', '#f3d9d9', '#ecc8c8', 'Blotting', 650, 'Pellinray'],
        ['Desk blotter pad', 'sheets', '#d9e3dc', '#c3d1c8', 'Blotting', 2400, 'Pellinray'],
        ['Sealing wax, red', 'wax', '#a13a34', '#a13a34', 'Seals and wax', 850, 'Ostrelve'],
        ['Sealing wax, teal', 'wax', '#1f6f70', '#1f6f70', 'Seals and wax', 850, 'Ostrelve'],
        ['Sealing wax, gold', 'wax', '#b98a2f', '#b98a2f', 'Seals and wax', 950, 'Ostrelve'],
        ['Seal with a fern', 'seal', '#7a4a2f', '#c79a4b', 'Seals and wax', 2200, 'Hallorme'],
        ['Seal with a bird', 'seal', '#2b3557', '#c79a4b', 'Seals and wax', 2200, 'Hallorme'],
        ['Seal with your letter', 'seal', '#6a7541', '#c79a4b', 'Seals and wax', 2600, 'Hallorme'],
        ['Pear-wood ruler', 'ruler', '#d9a878', '#d9a878', 'Desk', 900, 'Thessamer'],
        ['Ebony ruler', 'ruler', '#8a7f76', '#8a7f76', 'Desk', 1400, 'Thessamer'],
        ['Reading lamp', 'lamp', '#1f6f70', '#1f6f70', 'Desk', 9800, 'Pellinray'],
        ['Glass paperweight', 'weight', '#3f7f9c', '#3f7f9c', 'Desk', 2900, 'Ostrelve'],
        ['Letter opener', 'opener', '#6b4a30', '#c3cacd', 'Desk', 1900, 'Hallorme'],
        ['Canvas pen roll', 'roll', '#b7a27c', '#6b4a30', 'Desk', 2600, 'Brindlace'],
        ['Felt pen roll', 'roll', '#6d7780', '#33363b', 'Desk', 2200, 'Brindlace'],
    ];

    /** @return list<Good> */
    public static function all(): array
    {
        $goods = [];
        foreach (self::ALL as $number => [$name, $what, $colour, $second, $category, $price, $brand]) {
            $good = new Good($name, $category, $price);
            $good->brand = $brand;
            $good->views = [[$what, $colour, $second]];
            $good->short = Words::pick(
                [
                    'A quiet thing that does one job well.',
                    'Keeps its place on the desk for years.',
                    'Small, heavy, and pleasant to pick up.',
                ],
                $number,
            );
            $good->description = Words::html(
                'Made in small numbers by people whose names we know.',
                'It grows handsomer with use; a dry cloth is all it needs.',
                ['Felt underneath', 'Comes in a plain box'],
            );
            $good->stock = $number % 5 === 0 ? 1 : 4 + $number;
            $good->reviews = $number * 2 % 9;
            $good->stars = 4.2 + $number % 4 * 0.2;
            $good->tags = [
                ...($price > 2000 ? ['gift'] : []),
                ...($what === 'wax' || $what === 'seal' ? ['letters'] : []),
            ];
            $goods[] = $good;
        }
        $goods[18]->soldOut = [0];
        $goods[19]->brand = null;
        $voucher = new Good('Gift card', '', 2500);
        $voucher->options['Worth'] = [['£25', null], ['£50', null], ['£100', null]];
        $voucher->step = 2500;
        $voucher->views = [['cards', '#fffdf6', '#20343f']];
        $voucher->short = 'For somebody who knows better than you which ink it should be.';
        $voucher->description = Words::html('Comes by post in a lined envelope.', 'It does not run out.', [
            'For everything in the shop',
        ]);
        $voucher->tags = ['gift'];

        return [...$goods, $voucher];
    }
}
