<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Contents;
use Vestibra\Core\Catalogue\Measure;
use Vestibra\Core\Problem;

final class ContentsTest extends TestCase
{
    #[DataProvider('written')]
    public function test_contents_are_read_as_people_write_them(string $written, string $kept): void
    {
        $read = Contents::read($written);

        self::assertInstanceOf(Contents::class, $read);
        self::assertSame($kept, $read->text());
        self::assertEquals($read, Contents::stored($kept));
    }

    /** @return iterable<array{string, string}> */
    public static function written(): iterable
    {
        yield ['30 ml', '30 ml'];
        yield ['30ml', '30 ml'];
        yield [' 0,75 l ', '0.75 l'];
        yield ['1.500 kg', '1.5 kg'];
        yield ['100 g', '100 g'];
        yield ['12 Blatt', '12 sheets'];
        yield ['1 sheet', '1 sheets'];
        yield ['6 pcs.', '6 pieces'];
        yield ['6 Stück', '6 pieces'];
        yield ['2.5 m2', '2.5 m²'];
        yield ['2 m²', '2 m²'];
        yield ['4 Meter', '4 m'];
        yield ['70 cm', '70 cm'];
        yield ['0.001 l', '0.001 l'];
    }

    #[DataProvider('nonsense')]
    public function test_what_is_no_contents_is_said(string $written): void
    {
        $read = Contents::read($written);

        self::assertInstanceOf(Problem::class, $read);
        self::assertSame(CatalogueProblem::NotContents, $read->code);
        self::assertNull(Contents::stored($written));
    }

    /** @return iterable<array{string}> */
    public static function nonsense(): iterable
    {
        foreach ([
            '', 'ml', '30', '0 ml', '0.000 l', '-3 ml', '30 elephants', '1.2345 l', '12345678 ml', '30 ml 4', '3e3 ml',
            "30\n",
        ] as $written) {
            yield [$written];
        }
    }

    public function test_nothing_has_no_contents(): void
    {
        self::assertNull(Contents::stored(null));
        self::assertSame(
            [1, 1000, 1, 1000, 1, 100, 1, 1, 1],
            array_map(static fn (Measure $one): int => $one->size(), Measure::cases()),
        );
    }
}
