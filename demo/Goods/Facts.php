<?php

declare(strict_types=1);

namespace Vestibra\Demo\Goods;

use Illuminate\Support\Facades\DB;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Demo\Good;

/** What Larkfold writes down about its goods. */
final class Facts
{
    /** name => kind, unit, decimals, choices */
    private const FACTS = [
        'Nib width' => ['number', 'mm', 1, null],
        'Filling' => ['choice', '', 0, ['Piston', 'Cartridge or converter', 'None']],
        'Drying time' => ['number', 's', 0, null],
        'Stands up to water' => ['yes-no', '', 0, null],
        'Paper weight' => ['number', 'g/m²', 0, null],
        'Goes with' => ['list', '', 0, null],
        'Material' => ['text', '', 0, null],
        'First made' => ['date', '', 0, null],
        'Care' => ['rich-text', '', 0, null],
        'Leaflet' => ['files', '', 0, null],
        'In use' => ['picture', '', 0, null],
        'More about it' => ['link', '', 0, null],
        'Also try' => ['products', '', 0, null],
        'Story' => ['blocks', '', 0, null],
    ];

    /** @return array<string, Fact> by name */
    public static function define(): array
    {
        $facts = [];
        foreach (self::FACTS as $name => [$kind, $unit, $decimals, $choices]) {
            $id = DB::table('facts')->insertGetId([
                'name' => $name,
                'name_folded' => Folding::fold($name),
                'kind' => $kind,
                'unit' => $unit,
                'decimals' => $decimals,
                'choices' => $choices === null ? null : json_encode($choices),
                'position' => count($facts),
            ]);
            $facts[$name] = new Fact($id, $name, FactKind::from($kind), $unit, $decimals);
        }

        return $facts;
    }

    /** @return array<string, list<string>> name => as written */
    public static function of(Good $good, int $number): array
    {
        $made = ['First made' => [sprintf('%d-%02d-%02d', 2012 + $number % 14, 1 + $number % 12, 1 + $number % 28)]];

        return match (true) {
            str_ends_with($good->category, 'inks') => self::ink($good, $number) + $made,
            str_ends_with($good->category, 'pens') => self::pen($good, $number) + $made,
            str_contains($good->category, 'otebooks') => [
                'Paper weight' => ['90'],
                'Material' => ['Cloth and card'],
                'Goes with' => ['Fountain pens', 'Pencils'],
            ],
            $good->category === 'Writing paper' => [
                'Paper weight' => [(string) (80 + $number % 4 * 10)],
                'Goes with' => ['Fountain pens'],
            ],
            default => [],
        };
    }

    /** @return array<string, list<string>> */
    private static function ink(Good $good, int $number): array
    {
        $permanent = $good->category === 'Permanent inks';

        return [
            'Drying time' => [(string) (6 + $number * 5 % 14)],
            'Stands up to water' => [$permanent ? 'yes' : 'no'],
            'Goes with' => $good->category === 'Shimmer inks' ? ['Broad nibs'] : ['Fountain pens', 'Glass pens'],
        ] + ($permanent || $good->category === 'Shimmer inks' ? ['Care' => [$permanent
            ? '<p>Rinse the pen every other week; do not let it dry in the nib.</p>'
            : '<p>Turn the bottle over twice before filling.</p>']] : []);
    }

    /** @return array<string, list<string>> */
    private static function pen(Good $good, int $number): array
    {
        $fountain = in_array($good->category, ['Fountain pens', 'Piston pens', 'Cartridge pens'], true);

        return [
            'Material' => [$fountain ? 'Resin' : 'Brass'],
            'Filling' => [match ($good->category) {
                'Piston pens' => 'Piston', 'Fountain pens', 'Cartridge pens' => 'Cartridge or converter',
                default => 'None'
            }],
        ] + ($fountain
            ? [
                'Nib width' => ['0.'.(3 + $number % 5)],
                'Care' => ['<p>Rinse with cold water when you change the ink.</p>'],
            ]
            : []);
    }
}
