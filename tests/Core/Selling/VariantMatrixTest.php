<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Selling;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Option;
use Vestibra\Core\Catalogue\OptionValue;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\Variant;
use Vestibra\Core\Selling\Availability;
use Vestibra\Core\Selling\VariantMatrix;

final class VariantMatrixTest extends TestCase
{
    private const COLOUR = 1;

    private const NIB = 2;

    private const TEAL = 11;

    private const BLACK = 12;

    private const FINE = 21;

    private const BROAD = 22;

    /** @return iterable<string, array{array<int, int>, int, bool, bool}> wishes, variant, by customer, as wished */
    public static function wishes(): iterable
    {
        yield 'none: the first in stock' => [[], 2, false, true];
        yield 'both' => [[self::COLOUR => self::BLACK, self::NIB => self::FINE], 3, true, true];
        yield 'one: in stock before sold out' => [[self::COLOUR => self::TEAL], 2, true, true];
        yield 'sold out but asked for' => [[self::COLOUR => self::TEAL, self::NIB => self::FINE], 1, true, true];
        yield 'not made: the nearest' => [[self::COLOUR => self::BLACK, self::NIB => self::BROAD], 2, true, false];
        yield 'a value that is not of this product' => [[self::COLOUR => 999], 2, false, false];
        yield 'an option that is not of this product' => [[77 => 1, self::COLOUR => self::BLACK], 3, true, false];
    }

    /** @param  array<int, int>  $wishes */
    #[DataProvider('wishes')]
    public function test_which_variant_a_choice_means(
        array $wishes,
        int $variant,
        bool $byCustomer,
        bool $asWished,
    ): void {
        $chosen = (new VariantMatrix(self::pen()))->choose($wishes);

        self::assertSame(
            [$variant, $byCustomer, $asWished],
            [$chosen->variant?->id, $chosen->byCustomer, $chosen->asWished],
        );
    }

    public function test_what_the_other_choices_lead_to(): void
    {
        $matrix = new VariantMatrix(self::pen());
        $black = self::pen()->variants[2];

        self::assertSame(Availability::Available, $matrix->availability($black, self::NIB, self::FINE));
        self::assertSame(Availability::NotMade, $matrix->availability($black, self::NIB, self::BROAD));
        self::assertSame(Availability::SoldOut, $matrix->availability($black, self::COLOUR, self::TEAL));
        self::assertSame(Availability::Available, $matrix->availability(null, self::COLOUR, self::TEAL));
    }

    public function test_a_product_without_variants_has_nothing_to_choose(): void
    {
        $chosen = (new VariantMatrix(new Product(1, 'a', 'A', '', '', true)))->choose([1 => 2]);

        self::assertNull($chosen->variant);
        self::assertFalse($chosen->asWished);
    }

    private static function pen(): Product
    {
        return new Product(1, 'pen', 'Pen', '', '', true, options: [
            new Option(self::COLOUR, 'Colour', [
                new OptionValue(self::TEAL, 'Teal', '#0f6f74'),
                new OptionValue(self::BLACK, 'Black', '#000000'),
            ]),
            new Option(self::NIB, 'Nib', [new OptionValue(self::FINE, 'Fine'), new OptionValue(self::BROAD, 'Broad')]),
        ], variants: [
            new Variant(1, 'A', [self::COLOUR => self::TEAL, self::NIB => self::FINE], 1000, stock: 0),
            new Variant(2, 'B', [self::COLOUR => self::TEAL, self::NIB => self::BROAD], 1000, stock: 5),
            new Variant(3, 'C', [self::COLOUR => self::BLACK, self::NIB => self::FINE], 1000),
        ]);
    }
}
