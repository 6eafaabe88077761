<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Selling;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Contents;
use Vestibra\Core\Selling\MoneySettings;
use Vestibra\Core\Selling\TaxWords;
use Vestibra\Core\Selling\UnitPrice;

/** Directive 98/6/EC; amounts worked out by hand. */
final class UnitPriceTest extends TestCase
{
    #[DataProvider('prices')]
    public function test_what_so_much_costs(
        int $price,
        string $contents,
        bool $large,
        ?int $amount,
        string $unit = '',
    ): void {
        $read = Contents::stored($contents);
        self::assertNotNull($read);
        $found = UnitPrice::of($price, $read, new MoneySettings('EUR', largeVolume: $large, largeWeight: $large));

        self::assertSame([$amount, $unit], [$found?->amount, $found === null ? '' : $found->unit]);
    }

    /** @return iterable<string, array{0: int, 1: string, 2: bool, 3: ?int, 4?: string}> */
    public static function prices(): iterable
    {
        yield 'thirty millilitres, for a hundred' => [950, '30 ml', false, 3167, 'measure.100-ml'];
        yield 'thirty millilitres, for a litre' => [950, '30 ml', true, 31_667, 'measure.l'];
        yield 'a litre and a half, for a hundred millilitres' => [1200, '1.5 l', false, 80, 'measure.100-ml'];
        yield 'a litre and a half, for a litre' => [1200, '1.5 l', true, 800, 'measure.l'];
        yield 'a quarter of a kilogram' => [500, '250 g', true, 2000, 'measure.kg'];
        yield 'a quarter of a kilogram, for a hundred grams' => [500, '250 g', false, 200, 'measure.100-g'];
        yield 'a kilogram, for a hundred grams' => [505, '1 kg', false, 51, 'measure.100-g'];
        yield 'half a penny goes up' => [5, '10 sheets', false, 1, 'measure.sheet'];
        yield 'less goes down' => [49, '100 sheets', false, 0, 'measure.sheet'];
        yield 'pieces' => [320, '6 pieces', false, 53, 'measure.piece'];
        yield 'a roll of seventy centimetres' => [700, '70 cm', false, 1000, 'measure.m'];
        yield 'two metres and a half' => [700, '2.5 m', false, 280, 'measure.m'];
        yield 'two square metres' => [700, '2 m²', false, 350, 'measure.m2'];
        yield 'where it is the price itself it is not said' => [950, '100 ml', false, null];
        yield 'nor for a litre' => [950, '1000 ml', true, null];
        yield 'nor for one piece' => [950, '1 pieces', false, null];
        yield 'but for another base it is' => [950, '100 ml', true, 9500, 'measure.l'];
    }

    public function test_settings_are_read_back_and_nonsense_is_as_if_never_set(): void
    {
        foreach ([
            new MoneySettings('JPY'),
            new MoneySettings('KWD', TaxWords::Added, '5.5', true, false),
            new MoneySettings('EUR', TaxWords::Included, '', false, true),
        ] as $settings) {
            self::assertEquals($settings, MoneySettings::of($settings->toArray(), 'GBP'));
        }
        self::assertEquals(
            new MoneySettings('GBP'),
            MoneySettings::of(
                ['currency' => 'pounds', 'tax' => 'yes', 'rate' => '200', 'volume' => 3, 'weight' => []],
                'GBP',
            ),
        );
        self::assertEquals(new MoneySettings('GBP'), MoneySettings::of([], 'GBP'));
    }

    public function test_what_is_a_rate(): void
    {
        foreach (['', '0', '5.5', '19', '19.25', '99.99'] as $rate) {
            self::assertTrue(MoneySettings::isRate($rate), $rate);
        }
        foreach (['100', '-1', '5,5', '5.', '.5', '5.555', 'x', "5\n"] as $rate) {
            self::assertFalse(MoneySettings::isRate($rate), $rate);
        }
    }
}
