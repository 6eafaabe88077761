<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Gtin;
use Vestibra\Tests\Core\Chance;
use Vestibra\Tests\Core\Outside;

/** Check digits by GS1 General Specifications 7.9, held against npm gtin; bars by section 5.2. */
final class GtinTest extends TestCase
{
    public function test_check_digits_are_those_of_npm_gtin(): void
    {
        $chance = new Chance(7);
        $bodies = array_map(
            static fn (): string => sprintf('%012d', $chance->number(0, 999_999_999_999)),
            range(1, 300),
        );
        $ours = array_map(static fn (string $body): string => $body.Gtin::checkDigit($body), $bodies);

        self::assertSame($ours, Outside::ask('gtin.mjs', $bodies));
    }

    #[DataProvider('wrong')]
    public function test_what_is_no_number_of_the_kind_is_none(string $digits): void
    {
        self::assertNull(Gtin::of($digits));
    }

    /** @return iterable<string, array{string}> */
    public static function wrong(): iterable
    {
        yield 'empty' => [''];
        yield 'wrong check digit' => ['4006381333932'];
        yield 'too short' => ['400638133393'];
        yield 'letters' => ['40063813339a1'];
        yield 'a line break after it' => ["4006381333931\n"];
    }

    public function test_the_bars_say_the_digits(): void
    {
        foreach (['4006381333931', '2000000043005', '0012345678905', '9780201379624'] as $digits) {
            $modules = Gtin::of($digits)?->modules() ?? '';

            self::assertSame(95, strlen($modules));
            self::assertSame($digits, self::read($modules));
        }
    }

    /**
     * Reads bars as a scanner does: widths of bar and space in each digit, parity for the first one. The widths are
     * quoted from memory.
     */
    private static function read(string $modules): string
    {
        $widths = ['3211', '2221', '2122', '1411', '1132', '1231', '1114', '1312', '1213', '3112'];
        $parities = [
            'OOOOOO', 'OOEOEE', 'OOEEOE', 'OOEEEO', 'OEOOEE', 'OEEOOE', 'OEEEOO', 'OEOEOE', 'OEOEEO', 'OEEOEO',
        ];
        [$digits, $parity] = ['', ''];
        foreach ([...str_split(substr($modules, 3, 42), 7), ...str_split(substr($modules, 50, 42), 7)] as $place =>
            $seven) {
            preg_match_all('/0+|1+/', $seven, $runs);
            $found = implode('', array_map(strlen(...), $runs[0]));
            $isOdd = substr_count($seven, '1') % 2 === 1;
            $digits .= array_search($place >= 6 || $isOdd ? $found : strrev($found), $widths, true);
            $parity .= $place < 6 ? ($isOdd ? 'O' : 'E') : '';
        }

        return array_search($parity, $parities, true).$digits;
    }
}
