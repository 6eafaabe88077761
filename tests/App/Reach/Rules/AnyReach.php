<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Rules;

use Vestibra\Tests\Core\Chance;

/** Rules for pages of products, drawn. */
final class AnyReach
{
    /** @return array<string, mixed> as it is stored */
    public static function drawn(Chance $chance): array
    {
        $condition = static fn (): array => $chance->pick([
            ['field' => 'category', 'comparison' => 'isIn', 'values' => [$chance->number(1, 12)]],
            ['field' => 'brand', 'comparison' => 'isOneOf', 'values' => [$chance->number(1, 5)]],
            ['field' => 'sale', 'comparison' => 'isOn', 'values' => []],
            ['field' => 'stock', 'comparison' => 'atMost', 'values' => [$chance->number(0, 9)]],
            ['field' => 'product', 'comparison' => 'isOneOf', 'values' => [$chance->number(1, 110)]],
        ]);

        return [
            'format' => 2,
            'show' => $chance->pick([[], [[]], [[$condition()]], [[$condition()], [$condition(), $condition()]]]),
            'keepOff' => $chance->oneIn(3) ? [[$condition()]] : [],
            'season' => $chance->pick([
                [],
                ['from' => '2026-12-01T00:00:00Z'],
                ['until' => '2026-12-24T00:00:00Z'],
                ['until' => '2026-11-01T00:00:00Z'],
                ['from' => '2026-11-01T00:00:00Z', 'until' => '2026-11-30T00:00:00Z'],
            ]),
            'goesFirst' => $chance->oneIn(4),
        ];
    }
}
