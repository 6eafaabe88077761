<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\AddressName;
use Vestibra\Tests\Core\Chance;

final class AddressNameTest extends TestCase
{
    #[DataProvider('titles')]
    public function test_a_title_suggests_a_name(string $title, string $name): void
    {
        self::assertSame($name, AddressName::from($title));
    }

    /** @return iterable<array{string, string}> */
    public static function titles(): iterable
    {
        yield ['Teal Tide Ink', 'teal-tide-ink'];
        yield ['  Köhler’s “Nachtblau”, 50 ml  ', 'kohlers-nachtblau-50-ml'];
        yield ['Straße & Ærø', 'strasse-aero'];
        yield ['Œuvre de Łódź, Đuro’s o\'clock', 'oeuvre-de-lodz-duros-oclock'];
        yield ['ﬁne ① nib', 'fine-1-nib'];
        yield ['!!! – ???', ''];
        yield ['墨水', '墨水'];
        yield ['A---B', 'a-b'];
    }

    public function test_whatever_the_title_the_name_is_good_or_empty(): void
    {
        $chance = new Chance(5);
        for ($try = 0; $try < 500; $try++) {
            $title = '';
            for ($place = $chance->number(0, 160); $place > 0; $place--) {
                $title .= mb_chr($chance->number(0, 4) === 0 ? $chance->number(32, 0x2FFF) : $chance->number(32, 126));
            }
            $name = AddressName::from($title);

            self::assertTrue($name === '' || AddressName::isGood($name), $title);
            self::assertSame($name, AddressName::from($name), $title);
        }
    }

    #[DataProvider('bad')]
    public function test_what_is_no_address_name(string $name): void
    {
        self::assertFalse(AddressName::isGood($name));
    }

    /** @return iterable<array{string}> */
    public static function bad(): iterable
    {
        yield [''];
        yield ['-'];
        yield ['Teal'];
        yield ['teal tide'];
        yield ['teal--tide'];
        yield ['teal-'];
        yield ['../teal'];
        yield ["teal\n"];
        yield [str_repeat('a', 121)];
    }

    public function test_a_taken_name_gets_the_first_free_number(): void
    {
        $taken = ['teal', 'teal-2'];
        self::assertSame(
            'teal-3',
            AddressName::free('teal', static fn (string $name): bool => in_array($name, $taken, true)),
        );
        self::assertSame('inks', AddressName::free('inks', static fn (): bool => false));

        $long = str_repeat('a', 120);
        $free = AddressName::free($long, static fn (string $name): bool => $name === $long);
        self::assertTrue(AddressName::isGood($free));
        self::assertStringEndsWith('-2', $free);
    }
}
