<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Styling;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Styling\Families;
use Vestibra\Core\Styling\FontFile;
use Vestibra\Core\Styling\HouseProblem;

/** Letters are judged by what a file holds. The good ones are those of the packages that ship. */
final class FontFileTest extends TestCase
{
    public function test_every_family_that_ships_is_letters(): void
    {
        foreach (array_keys(Families::ALL) as $family) {
            self::assertNull(FontFile::problem(self::good($family)), $family);
        }
    }

    /** @return iterable<string, array{callable(string): string, HouseProblem}> */
    public static function bad(): iterable
    {
        yield 'nothing' => [static fn (): string => '', HouseProblem::NotAFont];
        yield 'a page with a script' => [
            static fn (): string => '<!doctype html><script>alert(1)</script>'.str_repeat(' ', 100),
            HouseProblem::NotAFont,
        ];
        yield 'a page that begins as letters do' =>
            [static fn (): string => 'wOF2<script>alert(1)</script>'.str_repeat('a', 100), HouseProblem::NotAFont];
        yield 'the older format' =>
            [static fn (string $good): string => 'wOFF'.substr($good, 4), HouseProblem::NotAFont];
        yield 'cut short' => [static fn (string $good): string => substr($good, 0, 5000), HouseProblem::NotAFont];
        yield 'with a script behind it' =>
            [static fn (string $good): string => $good.'<script>alert(1)</script>', HouseProblem::NotAFont];
        yield 'with a private block' =>
            [static fn (string $good): string => substr_replace($good, pack('N', 25), 44, 4), HouseProblem::NotAFont];
        yield 'of an unknown flavour' =>
            [static fn (string $good): string => substr_replace($good, 'evil', 4, 4), HouseProblem::NotAFont];
        yield 'without tables' =>
            [static fn (string $good): string => substr_replace($good, pack('n', 0), 12, 2), HouseProblem::NotAFont];
        yield 'with a number that has no end' => [
            static fn (string $good): string => substr_replace($good, str_repeat("\xff", 200), 49, 200),
            HouseProblem::NotAFont,
        ];
        yield 'of 30 MB' =>
            [static fn (string $good): string => str_pad($good, 30_000_000, 'a'), HouseProblem::FontTooLarge];
    }

    /** @param  callable(string): string  $make */
    #[DataProvider('bad')]
    public function test_what_is_none_is_refused(callable $make, HouseProblem $why): void
    {
        self::assertSame($why, FontFile::problem($make(self::good('lora'))));
    }

    private static function good(string $family): string
    {
        return (string) file_get_contents(
            dirname(__DIR__, 3)."/node_modules/@fontsource-variable/$family/files/$family-latin-wght-normal.woff2",
        );
    }
}
