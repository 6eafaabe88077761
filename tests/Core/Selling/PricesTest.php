<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Selling;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Variant;
use Vestibra\Core\Selling\CartLine;
use Vestibra\Core\Selling\CartTotals;
use Vestibra\Core\Selling\MoneyFormat;
use Vestibra\Core\Selling\Price;
use Vestibra\Core\Selling\PriceRange;

final class PricesTest extends TestCase
{
    /** @return iterable<string, array{int, int|null, int, int}> regular, sale, now, per cent */
    public static function savings(): iterable
    {
        yield 'no sale' => [1200, null, 1200, 0];
        yield 'a fifth off' => [1200, 960, 960, 20];
        yield 'a third is 33, not 34' => [1200, 800, 800, 33];
        yield 'nearly all is 99, not 100' => [1000, 1, 1, 99];
        yield 'all of it' => [1000, 0, 0, 100];
        yield 'less than one per cent is 0' => [1000, 995, 995, 0];
        yield 'a sale price above the regular one is none' => [1000, 1100, 1000, 0];
        yield 'the same price is none' => [1000, 1000, 1000, 0];
        yield 'free already' => [0, null, 0, 0];
    }

    #[DataProvider('savings')]
    public function test_a_saving_is_never_overstated(int $regular, ?int $sale, int $now, int $percent): void
    {
        $price = Price::of(new Variant(1, 'A', [], $regular, $sale), self::noon());

        self::assertSame([$now, $percent, $regular - $now, $now < $regular], [
            $price->now, $price->savingPercent(), $price->saving(), $price->isReduced(),
        ]);
    }

    /** @return iterable<string, array{string|null, string|null, bool}> */
    public static function seasons(): iterable
    {
        yield 'open' => [null, null, true];
        yield 'from now: included' => ['2026-11-24 12:00:00', null, true];
        yield 'from one second later' => ['2026-11-24 12:00:01', null, false];
        yield 'until now: not included' => [null, '2026-11-24 12:00:00', false];
        yield 'until one second later' => [null, '2026-11-24 12:00:01', true];
    }

    #[DataProvider('seasons')]
    public function test_a_sale_begins_with_its_first_instant_and_ends_before_its_last(
        ?string $from,
        ?string $until,
        bool $on,
    ): void {
        $variant = new Variant(
            1,
            'A',
            [],
            1000,
            800,
            $from === null ? null : new DateTimeImmutable($from),
            $until === null ? null : new DateTimeImmutable($until),
        );

        self::assertSame($on, $variant->isOnSale(self::noon()));
        self::assertSame($on ? 800 : 1000, $variant->priceAt(self::noon()));
    }

    public function test_the_range_looks_at_all_variants_sold_out_or_not(): void
    {
        $range = PriceRange::of([
            new Variant(1, 'A', [], 900, stock: 3),
            new Variant(2, 'B', [], 1000, 500, stock: 0),
            new Variant(3, 'C', [], 1400),
        ], self::noon());

        self::assertSame([500, 1400, false], [$range?->lowest->now, $range?->highest->now, $range?->isOnePrice()]);
        self::assertTrue(PriceRange::of([new Variant(1, 'A', [], 900), new Variant(2, 'B', [], 900)], self::noon())
            ?->isOnePrice());
        self::assertNull(PriceRange::of([], self::noon()));
    }

    /**
     * Minor units after ISO 4217 (pound 2, yen 0, Bahraini dinar 3); patterns after CLDR, read from ext-intl's own
     * data.
     *
     * @return iterable<string, array{string, string, int, string, string}>
     */
    public static function currencies(): iterable
    {
        yield 'pounds' => ['GBP', 'en_GB', 123456, '£1,234.56', '1234.56'];
        yield 'a penny' => ['GBP', 'en_GB', 1, '£0.01', '0.01'];
        yield 'yen' => ['JPY', 'en_GB', 1234, 'JP¥1,234', '1234'];
        yield 'dinar' => ['BHD', 'en_GB', 1234, "BHD\u{a0}1.234", '1.234'];
        yield 'euro in German' => ['EUR', 'de_DE', 950, "9,50\u{a0}€", '9.50'];
    }

    #[DataProvider('currencies')]
    public function test_amounts_are_printed_in_the_currencys_own_units(
        string $currency,
        string $locale,
        int $minor,
        string $words,
        string $decimal,
    ): void {
        $money = new MoneyFormat($currency, $locale);

        self::assertSame($words, $money->format($minor));
        self::assertSame($decimal, $money->decimal($minor));
    }

    public function test_a_cart_adds_up(): void
    {
        $totals = CartTotals::of([
            new CartLine(1, 3, Price::of(new Variant(1, 'A', [], 1000, 750), self::noon())),
            new CartLine(2, 1, Price::of(new Variant(2, 'B', [], 320), self::noon())),
        ]);

        self::assertSame([4, 2570, 750], [$totals->items, $totals->total, $totals->saving]);
        self::assertSame(0, CartTotals::of([])->total);
    }

    public function test_stock_that_is_not_counted_never_runs_out(): void
    {
        self::assertTrue((new Variant(1, 'A', [], 1))->isInStock());
        self::assertTrue((new Variant(1, 'A', [], 1, stock: 1))->isInStock());
        self::assertFalse((new Variant(1, 'A', [], 1, stock: 0))->isInStock());
        self::assertFalse((new Variant(1, 'A', [], 1, stock: -2))->isInStock());
    }

    private static function noon(): DateTimeImmutable
    {
        return new DateTimeImmutable('2026-11-24 12:00:00');
    }
}
