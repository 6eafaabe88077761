<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Selling\Filters;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Selling\Filters\AddressedFilter;
use Vestibra\Core\Selling\Filters\Choices;
use Vestibra\Core\Selling\Filters\Filter;
use Vestibra\Core\Selling\Filters\FilterAddress;

final class FilterAddressTest extends TestCase
{
    public function test_choices_are_written_in_the_order_of_the_filters_whatever_the_order_they_were_made_in(): void
    {
        $choices = Choices::none()->between('price', 1000, 4050)->with('option.3', [13, 12])->with('brand', [7]);

        self::assertSame(
            ['brand' => 'pellinray-7', 'colour-o3' => 'teal-12.13', 'price' => '10-40.5'],
            self::address()->write($choices),
        );
        self::assertSame(['price' => '-0.05'], self::address()->write(Choices::none()->between('price', null, 5)));
        self::assertSame(['width-f7' => '100-'], self::address()->write(Choices::none()->between('fact.7', 100, null)));
        self::assertSame([], self::address()->write(Choices::none()));
    }

    public function test_an_address_outlives_other_names_of_what_it_speaks_of(): void
    {
        self::assertEquals(
            Choices::none()->with('option.3', [12])->with('brand', [5]),
            self::address()->read(['farbe-o3' => 'petrol-12', 'brand' => 'once-called-so-5']),
        );
    }

    /** @return iterable<string, array{array<array-key, mixed>, Choices}> */
    public static function strange(): iterable
    {
        $none = Choices::none();

        yield 'unknown filters' =>
            [['page' => '2', 'colour-o4' => 'teal-12', 'sort' => 'new', 'colour' => 'teal-12'], $none];
        yield 'unknown values' => [['brand' => 'gone-99.ostrelve-5.ostrelve'], $none->with('brand', [5])];
        yield 'no values' => [['brand' => ''], $none];
        yield 'what a form sends' => [
            ['brand' => ['ostrelve-5', '7'], 'price' => ['from' => '10', 'to' => '20,5 0']],
            $none->with('brand', [5, 7])->between('price', 1000, 2050),
        ];
        yield 'below zero' => [['price' => 'm20-m5.5'], $none->between('price', -2000, -550)];
        yield 'below zero, typed' =>
            [['price' => ['from' => '-20', 'to' => '−5,5']], $none->between('price', -2000, -550)];
        yield 'nonsense in a form' =>
            [['brand' => [['5'], 'x', null], 'price' => ['from' => 'ten', 'to' => ['20']]], $none];
        yield 'a list for a range, and deeper ones' =>
            [['price' => ['10', '20'], 'colour-o3' => ['a' => ['12']]], $none];
        yield 'numbers that are none' => [['price' => 'ten-twenty', 'width-f7' => '1e5-2'], $none];
        yield 'ends that are swapped' => [['price' => '40-10'], $none->between('price', 1000, 4000)];
        yield 'one end' => [['price' => '10-'], $none->between('price', 1000, null)];
        yield 'no end' => [['price' => '-'], $none];
        yield 'less than nothing' => [['price' => '-5-10'], $none];
        yield 'past all numbers' => [['price' => '0-99999999999'], $none];
        yield 'more than is read' => [['brand' => implode('.', array_fill(0, 600, '7'))], $none->with('brand', [7])];
        yield 'numbers for parameters' => [[0 => '5', 1 => '7'], $none];
    }

    /** @param  array<array-key, mixed>  $query */
    #[DataProvider('strange')]
    public function test_what_cannot_be_read_is_passed_over(array $query, Choices $choices): void
    {
        self::assertEquals($choices, self::address()->read($query));
    }

    /** Whatever is chosen: what is written is read as the same, and written again as the same. */
    public function test_what_is_written_is_read_as_the_same(): void
    {
        mt_srand($seed = random_int(1, 1_000_000));
        for ($round = 0; $round < 500; $round++) {
            $choices = Choices::none();
            foreach (['brand' => [5, 7], 'option.3' => [12, 13]] as $filter => $values) {
                shuffle($values);
                $choices = $choices->with($filter, array_slice($values, 0, mt_rand(0, 2)));
            }
            foreach (['price', 'fact.7'] as $filter) {
                $choices = $choices->between(
                    $filter,
                    mt_rand(0, 2) === 0 ? null : mt_rand(-1_000_000, 1_000_000),
                    mt_rand(0, 2) === 0 ? null : mt_rand(-1_000_000, 1_000_000),
                );
            }
            $written = self::address()->write($choices);
            self::assertEquals($choices, self::address()->read(array_reverse($written)), "seed $seed, round $round");
            self::assertSame(
                $written,
                self::address()->write(self::address()->read($written)),
                "seed $seed, round $round",
            );
        }
    }

    private static function address(): FilterAddress
    {
        return new FilterAddress([
            new AddressedFilter(Filter::ofProducts('brand'), 'brand', labels: [5 => 'ostrelve', 7 => 'pellinray']),
            new AddressedFilter(Filter::ofVariants('option.3'), 'colour', 'o3', [12 => 'teal', 13 => '']),
            new AddressedFilter(Filter::rangeOfVariants('price'), 'price', decimals: 2),
            new AddressedFilter(Filter::rangeOfProducts('fact.7'), 'width', 'f7'),
        ]);
    }

    public function test_while_labels_are_not_known_any_number_is_taken(): void
    {
        $address = new FilterAddress([new AddressedFilter(Filter::ofProducts('brand'), 'brand', labels: null)]);

        self::assertEquals(Choices::none()->with('brand', [5, 99]), $address->read(['brand' => 'ostrelve-5.99.none']));
    }
}
