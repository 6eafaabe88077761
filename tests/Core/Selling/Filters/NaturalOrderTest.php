<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Selling\Filters;

use Collator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Selling\Filters\NaturalOrder;

final class NaturalOrderTest extends TestCase
{
    /**
     * @return iterable<string, array{list<string>}> in the order in which they are expected; common practice, no source
     */
    public static function lists(): iterable
    {
        yield 'sizes of clothes' => [['XXS', 'XS', 'S', 'M', 'L', 'XL', 'XXL', '3XL', '4XL']];
        yield 'sizes in words' => [['x-small', 'Small', 'medium', 'Large', 'X Large', '2x large']];
        yield 'numbers' => [['2', '10', '100']];
        yield 'amounts' => [['30 ml', '50 ml', '100 ml']];
        yield 'parts of a unit' => [['0.25 mm', '0,5 mm', '0.7 mm', '1 mm', '1.5 mm']];
        yield 'sheets' => [['A3', 'A4', 'A5', 'A10']];
        yield 'numbers in words' => [['page 2', 'page 10', 'page 100']];
        yield 'words' => [['Äpfel', 'apple', 'Birne', 'éclair', 'zebra']];
    }

    /** @param  list<string>  $expected */
    #[DataProvider('lists')]
    public function test_values_stand_as_people_expect(array $expected): void
    {
        $order = new NaturalOrder('en_GB');
        for ($round = 0; $round < 5; $round++) {
            $labels = $expected;
            shuffle($labels);
            self::assertSame(
                $expected,
                array_map(static fn (int $at): string => $labels[$at], $order->sorted($labels)),
            );
        }
    }

    public function test_words_stand_as_in_the_shop_s_language(): void
    {
        $words = ['Zelt', 'Öl', 'Oma', 'Äpfel', 'Apfel', 'Straße', 'Strasse', 'z'];
        foreach (['de_DE', 'sv_SE', 'en_GB'] as $locale) {
            $expected = $words;
            (new Collator($locale))->sort($expected);
            self::assertSame(
                $expected,
                array_map(static fn (int $at): string => $words[$at], (new NaturalOrder($locale))->sorted($words)),
                $locale,
            );
        }
    }

    public function test_what_is_no_size_is_a_word(): void
    {
        $order = new NaturalOrder('en_GB');

        self::assertGreaterThan(0, $order->compare('XM', 'L'), 'There is no such size.');
        self::assertSame(
            [3, 1, 4, 0, 2],
            $order->sorted(['M', '2', 'Gold', '1.5', '10 ml']),
            'Of all sorts: amounts, sizes, words.',
        );
        self::assertLessThan(0, $order->compare('Gloss', 'Lacquer'));
        self::assertSame(0, $order->compare('30 ml', '30 ml'));
    }
}
