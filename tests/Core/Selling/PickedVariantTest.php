<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Selling;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Option;
use Vestibra\Core\Catalogue\OptionValue;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\Variant;
use Vestibra\Core\Selling\PickedVariant;

final class PickedVariantTest extends TestCase
{
    private const COLOUR = 1;

    private const NIB = 2;

    private const TEAL = 11;

    private const BLACK = 12;

    private const FINE = 21;

    private const BROAD = 22;

    /**
     * @return iterable<string, array{int, list<array<int, int>>, int|null}> the variant on the page, what the pickers
     *     say, the variant that is bought
     */
    public static function picked(): iterable
    {
        yield 'no picker: what the page shows' => [2, [], 2];
        yield 'one that was left alone' => [2, [[self::COLOUR => self::TEAL, self::NIB => self::BROAD]], 2];
        yield 'one that was changed' => [1, [[self::COLOUR => self::BLACK, self::NIB => self::FINE]], 3];
        yield 'the first of two was changed' => [
            1,
            [
                [self::COLOUR => self::BLACK, self::NIB => self::FINE],
                [self::COLOUR => self::TEAL, self::NIB => self::FINE],
            ],
            3,
        ];
        yield 'the second of two was changed' => [
            1,
            [
                [self::COLOUR => self::TEAL, self::NIB => self::FINE],
                [self::COLOUR => self::BLACK, self::NIB => self::FINE],
            ],
            3,
        ];
        yield 'each says something else of another option' => [
            3,
            [
                [self::COLOUR => self::TEAL, self::NIB => self::FINE],
                [self::COLOUR => self::BLACK, self::NIB => self::BROAD],
            ],
            2,
        ];
        yield 'only one of the options is to be picked' => [1, [[self::NIB => self::BROAD]], 2];
        yield 'together it is not made' => [2, [[self::COLOUR => self::BLACK, self::NIB => self::BROAD]], null];
        yield 'a value that is gone' => [1, [[self::COLOUR => 99, self::NIB => self::FINE]], null];
        yield 'an option that is none of this product' => [1, [[77 => 1]], null];
    }

    /** @param  list<array<int, int>>  $pickers */
    #[DataProvider('picked')]
    public function test_what_was_chosen_is_what_is_bought(int $shown, array $pickers, ?int $bought): void
    {
        $pen = self::pen();

        self::assertSame($bought, PickedVariant::of($pen, $pen->variants[$shown - 1], $pickers)->variant?->id);
    }

    public function test_what_is_wanted_is_known_also_where_there_is_none_such(): void
    {
        $pen = self::pen();

        self::assertSame(
            [self::COLOUR => self::BLACK, self::NIB => self::BROAD],
            PickedVariant::of($pen, $pen->variants[1], [[self::COLOUR => self::BLACK]])->values,
        );
    }

    private static function pen(): Product
    {
        return new Product(1, 'pen', 'Pen', '', '', true, options: [
            new Option(self::COLOUR, 'Colour', [
                new OptionValue(self::TEAL, 'Teal', null),
                new OptionValue(self::BLACK, 'Black', null),
            ]),
            new Option(self::NIB, 'Nib', [
                new OptionValue(self::FINE, 'Fine', null),
                new OptionValue(self::BROAD, 'Broad', null),
            ]),
        ], variants: [
            new Variant(1, 'a', [self::COLOUR => self::TEAL, self::NIB => self::FINE], 100, stock: 0),
            new Variant(2, 'b', [self::COLOUR => self::TEAL, self::NIB => self::BROAD], 100),
            new Variant(3, 'c', [self::COLOUR => self::BLACK, self::NIB => self::FINE], 100),
        ]);
    }
}
