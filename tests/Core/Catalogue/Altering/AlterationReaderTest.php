<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue\Altering;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Altering\Alteration;
use Vestibra\Core\Catalogue\Altering\AlterationReader;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\FieldReader;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Problem;

/** What is done to many products: what it makes of one, and what cannot be read. */
final class AlterationReaderTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>, array<string, mixed>}> */
    public static function done(): iterable
    {
        yield 'brand' => [['what' => 'brand', 'set' => 3], ['brand' => 1], ['brand' => 3]];
        yield 'no brand' => [['what' => 'brand', 'set' => null], ['brand' => 1], ['brand' => null]];
        yield 'hidden' => [['what' => 'published', 'set' => false], ['published' => true], ['published' => false]];
        yield 'tags' => [['what' => 'tags', 'in' => [5], 'out' => [2, 9]], ['tags' => [2, 7]], ['tags' => [5, 7]]];
        yield 'a category more' => [
            ['what' => 'categories', 'in' => [5], 'out' => []],
            ['categories' => [9], 'mainCategory' => 9],
            ['categories' => [5, 9]],
        ];
        yield 'its main category goes' => [
            ['what' => 'categories', 'in' => [5], 'out' => [9]],
            ['categories' => [2, 9], 'mainCategory' => 9],
            ['categories' => [2, 5], 'mainCategory' => 5],
        ];
        yield 'the only category goes' => [
            ['what' => 'categories', 'in' => [], 'out' => [9]],
            ['categories' => [9], 'mainCategory' => 9],
            ['categories' => [], 'mainCategory' => null],
        ];
        yield 'in and out is in' => [
            ['what' => 'tags', 'in' => [5], 'out' => [5]], ['tags' => []], ['tags' => [5]],
        ];
        yield 'a fact' => [['what' => 'fact', 'of' => 4, 'set' => ['rose']], [], ['fact:4' => ['rose']]];
        yield 'a fact emptied' => [['what' => 'fact', 'of' => 4, 'set' => []], [], ['fact:4' => []]];
        yield 'price' => [
            ['what' => 'price', 'how' => 'percent', 'amount' => '−10 %', 'ending' => '.90'],
            ['price' => 3900],
            ['price' => 3490],
        ];
        yield 'price by an amount' => [
            ['what' => 'price', 'how' => 'by', 'amount' => '-1.50'], ['price' => 3900], ['price' => 3750],
        ];
        yield 'price more by an amount' => [
            ['what' => 'price', 'how' => 'by', 'amount' => '+£1'], ['price' => 3900], ['price' => 4000],
        ];
        yield 'sale' => [
            ['what' => 'sale', 'how' => 'percent', 'amount' => '-20', 'from' => '2026-12-01', 'until' => '2026-12-24'],
            ['price' => 1000],
            ['salePrice' => 800, 'saleFrom' => '2026-12-01T00:00:00Z', 'saleUntil' => '2026-12-25T00:00:00Z'],
        ];
        yield 'no sale' => [
            ['what' => 'sale', 'how' => 'none'],
            ['price' => 1000, 'salePrice' => 900],
            ['salePrice' => null, 'saleFrom' => null, 'saleUntil' => null],
        ];
        yield 'stock' => [['what' => 'stock', 'how' => 'to', 'amount' => '12'], ['stock' => null], ['stock' => 12]];
        yield 'less stock' => [['what' => 'stock', 'how' => 'by', 'amount' => '-12'], ['stock' => 5], ['stock' => 0]];
        yield 'uncounted stays' => [
            ['what' => 'stock', 'how' => 'by', 'amount' => '3'], ['stock' => null], ['stock' => null],
        ];
        yield 'not counted' => [['what' => 'stock', 'how' => 'uncounted'], ['stock' => 4], ['stock' => null]];
    }

    /**
     * @param  array<string, mixed>  $input
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     */
    #[DataProvider('done')]
    public function test_what_it_makes_of_one(array $input, array $before, array $after): void
    {
        $read = $this->reader()->read([$input]);
        self::assertInstanceOf(Alteration::class, $read[0]);
        self::assertSame($after, $read[0]->of($before));
    }

    /** @return iterable<string, array{mixed, CatalogueProblem}> */
    public static function refused(): iterable
    {
        yield 'nothing' => [[], CatalogueProblem::NotAnEntry];
        yield 'words' => ['price', CatalogueProblem::NotAnEntry];
        yield 'too many' => [array_fill(0, 21, ['what' => 'brand', 'set' => 1]), CatalogueProblem::NotAnEntry];
        yield 'unknown' => [[['what' => 'title', 'set' => 'x']], CatalogueProblem::UnknownField];
        yield 'a list as what' => [[['what' => ['brand']]], CatalogueProblem::UnknownField];
        yield 'no thing' => [[['what' => 'brand', 'set' => 'Ostrelve']], CatalogueProblem::NotThings];
        yield 'neither in nor out' => [[['what' => 'tags', 'in' => [], 'out' => []]], CatalogueProblem::NotThings];
        yield 'not a tag' => [[['what' => 'tags', 'in' => ['x']]], CatalogueProblem::NotThings];
        yield 'no fact' => [[['what' => 'fact', 'of' => 99, 'set' => ['x']]], CatalogueProblem::UnknownField];
        yield 'neither yes nor no' => [
            [['what' => 'fact', 'of' => 5, 'set' => ['perhaps']]], CatalogueProblem::NotOfTheFact,
        ];
        yield 'rich text' => [[['what' => 'fact', 'of' => 6, 'set' => ['x']]], CatalogueProblem::UnknownField];
        yield 'per cent' => [[['what' => 'price', 'how' => 'percent', 'amount' => 'ten']],
            CatalogueProblem::NotAPercentage];
        yield 'far too many per cent' => [
            [['what' => 'price', 'how' => 'percent', 'amount' => '1000.5']], CatalogueProblem::NotAPercentage,
        ];
        yield 'below nothing' => [[['what' => 'price', 'how' => 'to', 'amount' => '-3']], CatalogueProblem::Negative];
        yield 'no amount' => [[['what' => 'price', 'how' => 'to', 'amount' => '']], CatalogueProblem::Missing];
        yield 'another currency' => [
            [['what' => 'price', 'how' => 'to', 'amount' => '3 €']], CatalogueProblem::OtherCurrency,
        ];
        yield 'no way' => [[['what' => 'price', 'how' => 'magic', 'amount' => '3']], CatalogueProblem::NotAnAmount];
        yield 'an ending of three digits' => [
            [['what' => 'price', 'how' => 'percent', 'amount' => '3', 'ending' => '.999']],
            CatalogueProblem::NotAnEnding,
        ];
        yield 'a day' => [
            [['what' => 'sale', 'how' => 'percent', 'amount' => '-3', 'from' => 'soon']],
            CatalogueProblem::NotAnInstant,
        ];
        yield 'half a piece' => [[['what' => 'stock', 'how' => 'to', 'amount' => '1.5']], CatalogueProblem::NotACount];
        yield 'stock below nothing' => [[['what' => 'stock', 'how' => 'to', 'amount' => '-1']],
            CatalogueProblem::NotACount];
    }

    #[DataProvider('refused')]
    public function test_what_cannot_be_read_is_said(mixed $input, CatalogueProblem $code): void
    {
        $read = $this->reader()->read($input);
        self::assertInstanceOf(Problem::class, $read[0]);
        self::assertSame($code, $read[0]->code);
    }

    public function test_what_one_product_cannot_be_is_its_own_problem(): void
    {
        [$dear, $sale, $tags, $stock] = array_map(fn (array $one): mixed => $this->reader()->read([$one])[0], [
            ['what' => 'price', 'how' => 'by', 'amount' => '-5'],
            ['what' => 'sale', 'how' => 'to', 'amount' => '5'],
            ['what' => 'tags', 'in' => [500]],
            ['what' => 'stock', 'how' => 'by', 'amount' => '9999999'],
        ]);
        foreach ([
            [$dear, ['price' => 499], CatalogueProblem::Negative],
            [$sale, ['price' => 500], CatalogueProblem::SaleNotBelow],
            [$tags, ['tags' => range(1, 100)], CatalogueProblem::TooMany],
            [$stock, ['stock' => 9_000_000], CatalogueProblem::NotACount],
        ] as [$alteration, $fields, $code]) {
            self::assertInstanceOf(Alteration::class, $alteration);
            $done = $alteration->of($fields);
            self::assertInstanceOf(Problem::class, $done);
            self::assertSame($code, $done->code);
        }
    }

    private function reader(): AlterationReader
    {
        return new AlterationReader(
            new FieldReader(ShopZone::of('UTC'), 2, 'GBP', static fn (string $html): string => $html),
            2,
            [
                4 => new Fact(4, 'Shade', FactKind::Text),
                5 => new Fact(5, 'Refillable', FactKind::YesNo),
                6 => new Fact(6, 'Story', FactKind::RichText),
            ],
        );
    }
}
