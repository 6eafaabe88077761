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
            ['field' => 'added', 'comparison' => 'withinDays', 'values' => [$chance->pick([1, 2, 5])]],
            ['field' => 'tag', 'comparison' => 'hasNoneOf', 'values' => [$chance->number(1, 4), 5]],
            ['field' => 'collection', 'comparison' => 'isIn', 'values' => [$chance->number(1, 10)]],
            ['field' => 'option', 'comparison' => 'offersValue', 'values' => [$chance->number(1, 20)]],
            ['field' => 'fact', 'comparison' => 'isFilled', 'values' => [], 'of' => $chance->number(1, 8)],
            ['field' => 'rating', 'comparison' => 'hasReviews', 'values' => []],
            ['field' => 'description', 'comparison' => $chance->pick(['isFilled', 'isEmpty']), 'values' => []],
            ['field' => 'variants', 'comparison' => 'atLeast', 'values' => [$chance->number(0, 6)]],
            ['field' => 'price', 'comparison' => 'atMost', 'values' => [$chance->number(1, 40) * 100]],
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
