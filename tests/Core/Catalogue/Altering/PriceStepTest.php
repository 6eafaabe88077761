<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue\Altering;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Altering\PriceStep;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Problem;
use Vestibra\Tests\Core\Chance;

/** Prices that are changed by an amount or by per cent, and rounded. */
final class PriceStepTest extends TestCase
{
    /** @return iterable<string, array{string, string, int|null, int, int}> how, number, ending, before, after */
    public static function worked(): iterable
    {
        yield 'set' => ['to', '1250', null, 990, 1250];
        yield 'more' => ['by', '50', null, 990, 1040];
        yield 'less' => ['by', '-90', null, 990, 900];
        yield 'ten per cent less' => ['percent', '-10', null, 990, 891];
        yield 'a half is rounded up' => ['percent', '50', null, 1, 2];
        yield 'a third of a penny is not' => ['percent', '33.33', null, 1, 1];
        yield 'two and a half per cent more' => ['percent', '2.5', null, 1000, 1025];
        yield 'to end in .90, down' => ['percent', '-10', 90, 3900, 3490];
        yield 'to end in .90, up' => ['percent', '0', 90, 3960, 3990];
        yield 'of two as near the higher' => ['percent', '0', 90, 4040, 4090];
        yield 'never below nothing' => ['percent', '0', 90, 10, 90];
        yield 'to end in .00' => ['percent', '0', 0, 149, 100];
    }

    #[DataProvider('worked')]
    public function test_worked_examples(string $how, string $number, ?int $ending, int $before, int $after): void
    {
        self::assertSame($after, (new PriceStep($how, $number, $ending))->of($before));
    }

    public function test_an_ending_is_never_further_away_than_half_and_is_kept(): void
    {
        $chance = new Chance(90);
        for ($turn = 0; $turn < 2_000; $turn++) {
            $price = $chance->number(1, 200_000);
            $percent = $chance->number(-60, 80);
            $ending = $chance->number(0, 99);
            $is = (new PriceStep('percent', (string) $percent, $ending))->of($price);
            self::assertIsInt($is);
            self::assertSame($ending, $is % 100);
            // A hundredth of the exact amount is its distance from whole numbers of minor units.
            $exact = $price * (100 + $percent);
            $away = abs($is * 100 - $exact);
            self::assertTrue($away <= 5_000 || $is === $ending, "$price by $percent to .$ending is $is");
        }
    }

    public function test_per_cent_are_rounded_as_written_arithmetic_rounds(): void
    {
        // bcmath is an arithmetic of its own, on decimal text (PHP manual, BCMath).
        $chance = new Chance(10);
        for ($turn = 0; $turn < 2_000; $turn++) {
            $price = $chance->number(0, 5_000_000);
            $percent = ($chance->oneIn(2) ? '-' : '').$chance->number(0, 99).'.'.$chance->number(10, 99);
            $exact = bcdiv(bcmul((string) $price, bcadd('100', $percent, 2), 2), '100', 4);
            self::assertSame(
                (int) bcdiv(bcadd($exact, '0.5', 4), '1', 0),
                (new PriceStep('percent', $percent))->of($price),
                "$price by $percent",
            );
        }
    }

    public function test_nothing_goes_below_nothing_or_beyond_what_can_be_kept(): void
    {
        $code = static fn (int|Problem $amount): mixed => $amount instanceof Problem ? $amount->code : $amount;
        self::assertSame(CatalogueProblem::Negative, $code((new PriceStep('by', '-100'))->of(99)));
        self::assertSame(0, $code((new PriceStep('by', '-99'))->of(99)));
        self::assertSame(CatalogueProblem::TooMuch, $code((new PriceStep('percent', '1000'))->of(90_000_000_000)));
        self::assertSame(7, $code((new PriceStep('percent', '10', 90, 1))->of(6)), 'A currency without minor units '
            .'has no ending.');
    }
}
