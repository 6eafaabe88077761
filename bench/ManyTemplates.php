<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use Illuminate\Support\Facades\DB;

/** Many live templates for products' pages with four clauses each, laid beside those that a shop has. */
final class ManyTemplates
{
    public static function lay(int $number, Chance $chance): void
    {
        $fallback = DB::table('templates')->where('page_kind', 'product')->where('role', 'page')->first();
        for ($at = 1; $at <= $number; $at++) {
            $reach = self::reach($chance);
            DB::table('templates')->insert([
                'page_kind' => 'product', 'name' => "Bench $at", 'hand_order' => 1000 + $at,
                'draft_tree' => $fallback?->live_tree, 'draft_reach' => $reach,
                'live_tree' => $fallback?->live_tree, 'live_reach' => $reach, 'live_revision' => 1,
                'changed_at' => now(),
            ]);
        }
    }

    /** @return string as it is stored */
    public static function reach(Chance $chance): string
    {
        $clause = static function () use ($chance): array {
            [$field, $comparison] =
                [['category', 'isIn'], ['brand', 'isOneOf'], ['tag', 'hasAnyOf']][$chance->number(0, 2)];

            return [
                ['field' => $field, 'comparison' => $comparison, 'values' => [$chance->number(1, 5)]],
                ['field' => 'price', 'comparison' => 'atLeast', 'values' => [$chance->number(100, 90_000)]],
            ];
        };

        return json_encode([
            'format' => 2,
            'show' => array_map($clause, range(1, 4)),
            'keepOff' => [],
            'goesFirst' => false,
            'season' => [],
        ], JSON_THROW_ON_ERROR);
    }
}
