<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Selling;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Selling\CurrencyChange;
use Vestibra\Core\Selling\MoneyFormat;

/** Minor units: ISO 4217 has none for JPY, two for GBP and EUR, three for KWD. */
final class CurrencyChangeTest extends TestCase
{
    public function test_figures_stay_as_far_as_there_are_digits_for_them(): void
    {
        $amounts = static fn (int $from, int $to): array =>
            array_map((new CurrencyChange($from, $to))->amount(...), [0, 1, 49, 50, 949, 950, 1250]);

        self::assertSame([0, 1, 49, 50, 949, 950, 1250], $amounts(2, 2));
        self::assertSame([0, 0, 0, 1, 9, 10, 13], $amounts(2, 0));
        self::assertSame([0, 10, 490, 500, 9490, 9500, 12_500], $amounts(2, 3));
        self::assertSame([0, 100, 4900, 5000, 94_900, 95_000, 125_000], $amounts(0, 2));
        self::assertSame([0, 0, 5, 5, 95, 95, 125], $amounts(3, 2));
        self::assertSame(
            [true, false, true],
            array_map(static fn (int $to): bool => (new CurrencyChange(2, $to))->changesAmounts(), [0, 2, 3]),
        );
    }

    public function test_amounts_are_written_with_the_digits_of_their_currency(): void
    {
        $written = static fn (string $currency, int $minor): string =>
            str_replace("\u{a0}", ' ', (new MoneyFormat($currency, 'en_GB'))->format($minor));

        self::assertSame(
            ['JP¥1,250', '£12.50', 'KWD 1.250'],
            [$written('JPY', 1250), $written('GBP', 1250), $written('KWD', 1250)],
        );
        self::assertSame(['1250', '12.50', '1.250'], [
            (new MoneyFormat('JPY', 'en_GB'))->decimal(1250),
            (new MoneyFormat('GBP', 'en_GB'))->decimal(1250),
            (new MoneyFormat('KWD', 'en_GB'))->decimal(1250),
        ]);
        self::assertSame(
            ['5.5', '5,5'],
            [(new MoneyFormat('EUR', 'en_GB'))->number('5.5'), (new MoneyFormat('EUR', 'de_DE'))->number('5.5')],
        );
    }
}
