<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Selling;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Selling\CartLimits;

final class CartLimitsTest extends TestCase
{
    /** @return iterable<string, array{int, int|null, int}> */
    public static function wishes(): iterable
    {
        yield 'as wanted' => [3, 9, 3];
        yield 'no more than there are' => [12, 9, 9];
        yield 'none left' => [1, 0, 0];
        yield 'sold more than there were' => [1, -2, 0];
        yield 'not counted' => [50, null, 50];
        yield 'the most of one' => [100, null, 99];
        yield 'the most of one, of many' => [1000, 500, 99];
        yield 'nothing' => [0, 9, 0];
        yield 'less than nothing' => [-5, null, 0];
    }

    #[DataProvider('wishes')]
    public function test_a_line_holds_what_can_be_had(int $wanted, ?int $stock, int $holds): void
    {
        self::assertSame($holds, CartLimits::quantity($wanted, $stock));
        self::assertSame($holds === 0 ? [] : [7 => $holds], CartLimits::put([], 7, $wanted, $stock));
        self::assertSame(
            $holds === 0 ? [8 => 1] : [8 => 1, 7 => $holds],
            CartLimits::put([8 => 1, 7 => 2], 7, $wanted, $stock) + [],
        );
    }

    public function test_a_full_cart_takes_no_line_more_but_changes_those_it_has(): void
    {
        $full = array_fill(1, CartLimits::MOST_LINES, 1);

        self::assertSame($full, CartLimits::put($full, 999, 1, null));
        self::assertSame(5, CartLimits::put($full, 1, 5, null)[1]);
        self::assertCount(CartLimits::MOST_LINES - 1, CartLimits::put($full, 1, 0, null));
        self::assertArrayHasKey(999, CartLimits::put(array_slice($full, 1, null, true), 999, 1, null));
    }
}
