<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Selling\Filters;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Selling\Filters\Choices;
use Vestibra\Core\Selling\Filters\Filter;
use Vestibra\Core\Selling\Filters\FilterRow;
use Vestibra\Core\Selling\Filters\Narrowed;
use Vestibra\Core\Selling\Filters\Narrowing;

final class NarrowingTest extends TestCase
{
    private const TEAL = 1;

    private const BLACK = 2;

    private const FINE = 11;

    private const BROAD = 12;

    public function test_one_variant_has_to_have_all_that_is_asked_of_variants(): void
    {
        $rows = [
            self::pen(1, [self::TEAL, self::BROAD], [self::BLACK, self::FINE]),
            self::pen(2, [self::TEAL, self::FINE]),
        ];
        $teal = Choices::none()->with('option.1', [self::TEAL]);

        self::assertSame([1, 2], self::narrow($rows, $teal)->products);
        self::assertSame([2], self::narrow($rows, $teal->with('option.2', [self::FINE]))->products);
        self::assertSame([self::FINE => 1, self::BROAD => 1], self::narrow($rows, $teal)->counts['option.2']);
        self::assertSame(
            [self::TEAL => 1, self::BLACK => 1],
            self::narrow($rows, Choices::none()->with('option.2', [self::FINE]))->counts['option.1'],
            'The broad pen in teal is none in teal and fine.',
        );
    }

    public function test_values_of_one_filter_widen_and_filters_narrow_together(): void
    {
        $rows = [self::thing(1, 5, [100]), self::thing(2, 6, [200]), self::thing(3, 5, [300])];

        self::assertSame([1, 2, 3], self::narrow($rows, Choices::none()->with('brand', [5, 6]))->products);
        self::assertSame(
            [1],
            self::narrow($rows, Choices::none()->with('brand', [5])->between('price', null, 200))->products,
        );
        $both = self::narrow($rows, Choices::none()->with('brand', [5])->between('price', 200, 300));
        self::assertSame([[3], [5 => 1, 6 => 1]], [$both->products, $both->counts['brand']]);
        self::assertSame([100, 300], $both->bounds['price'], 'Bounds are those of the list, not of what is left.');
    }

    public function test_ends_are_included_and_put_in_order(): void
    {
        $rows = [self::thing(1, 5, [100]), self::thing(2, 5, [200]), self::thing(3, 5, [201])];

        self::assertSame([1, 2], self::narrow($rows, Choices::none()->between('price', 200, 100))->products);
        self::assertSame([3], self::narrow($rows, Choices::none()->between('price', 201, null))->products);
        self::assertSame(
            [1, 2, 3],
            self::narrow($rows, Choices::none()->between('price', 200, 100)->between('price', null, null))->products,
        );
    }

    public function test_without_a_value_or_a_variant_a_product_fits_no_filter_about_it(): void
    {
        $rows = [new FilterRow(1, [], []), self::thing(2, 5, [100])];

        self::assertSame([1, 2], self::narrow($rows, Choices::none())->products);
        self::assertSame([2], self::narrow($rows, Choices::none()->with('brand', [5]))->products);
        self::assertSame([2], self::narrow($rows, Choices::none()->between('price', 0, null))->products);
        self::assertSame([5 => 1], self::narrow($rows, Choices::none()->between('price', 0, null))->counts['brand']);
    }

    public function test_where_nothing_is_left_the_fewest_to_give_up_are_named(): void
    {
        $rows = [
            self::pen(1, [self::TEAL, self::BROAD]),
            self::pen(2, [self::TEAL, self::BROAD]),
            self::pen(3, [self::BLACK, self::FINE]),
        ];
        $asked = Choices::none()->with('option.1', [self::TEAL])->with('option.2', [self::FINE]);

        self::assertSame(['filters' => ['option.2'], 'products' => 2], self::narrow($rows, $asked)->giveUp);
        self::assertSame(
            ['filters' => ['brand', 'option.2'], 'products' => 2],
            self::narrow($rows, $asked->with('brand', [99]))->giveUp,
        );
        self::assertNull(self::narrow($rows, Choices::none()->with('option.1', [self::TEAL]))->giveUp);
        self::assertNull(self::narrow([], $asked)->giveUp);
    }

    public function test_choices(): void
    {
        $choices = Choices::none()->with('brand', [7, 5, 7])->toggled('tag', 3)->toggled('tag', 4)->toggled(
            'tag',
            3,
        )->between('price', 1, null);

        self::assertSame(
            [['brand' => [5, 7], 'tag' => [4]], ['price' => [1, null]]],
            [$choices->values, $choices->ranges],
        );
        self::assertSame(['brand', 'tag', 'price'], $choices->filters());
        self::assertEquals(Choices::none(), $choices->without('brand', 'price')->with('tag', []));
        self::assertTrue($choices->has('price'));
        self::assertFalse($choices->has('stock'));
    }

    /** Whatever is in the list and whatever is chosen: a count is what one gets by choosing just that. */
    public function test_each_count_is_what_choosing_it_gives(): void
    {
        mt_srand($seed = random_int(1, 1_000_000));
        for ($round = 0; $round < 150; $round++) {
            $rows = array_map(self::drawn(...), range(1, mt_rand(1, 25)));
            $choices = self::anyChoices();
            $narrowed = self::narrow($rows, $choices);
            self::assertSame(self::byHand($rows, $choices), $narrowed->products, "seed $seed, round $round");
            foreach ($narrowed->counts as $filter => $counts) {
                foreach ($counts as $value => $count) {
                    self::assertCount(
                        $count,
                        self::byHand($rows, $choices->with($filter, [$value])),
                        "seed $seed, round $round, $filter $value",
                    );
                }
            }
            shuffle($rows);
            self::assertEquals(
                [$narrowed->counts, $narrowed->bounds, $narrowed->giveUp],
                [($again = self::narrow($rows, $choices))->counts, $again->bounds, $again->giveUp],
                "seed $seed, round $round",
            );
            if ($narrowed->products === [] && $choices->filters() !== []) {
                self::assertLeast($rows, $choices, $narrowed, "seed $seed, round $round");
            }
        }
    }

    /** @param  list<FilterRow>  $rows */
    private static function assertLeast(array $rows, Choices $choices, Narrowed $narrowed, string $where): void
    {
        $on = $choices->filters();
        $least = null;
        for ($set = 1; $set < 1 << count($on); $set++) {
            $given = array_values(
                array_filter($on, static fn (int $at): bool => ($set & 1 << $at) !== 0, ARRAY_FILTER_USE_KEY),
            );
            $left = count(self::byHand($rows, $choices->without(...$given)));
            if ($left > 0 && ($least === null || [count($given), -$left] < $least)) {
                $least = [count($given), -$left];
            }
        }
        self::assertNotNull($narrowed->giveUp, $where);
        self::assertSame($least, [count($narrowed->giveUp['filters']), -$narrowed->giveUp['products']], $where);
        self::assertCount(
            $narrowed->giveUp['products'],
            self::byHand($rows, $choices->without(...$narrowed->giveUp['filters'])),
            $where,
        );
    }

    /**
     * As somebody would do it with a list on paper.
     *
     * @param  list<FilterRow>  $rows
     * @return list<int>
     */
    private static function byHand(array $rows, Choices $choices): array
    {
        $fits = static function (array $has, string $filter) use ($choices): bool {
            foreach ($has[$filter] ?? [] as $value) {
                [$least, $most] = $choices->ranges[$filter] ?? [null, null];
                if (isset($choices->values[$filter])
                    ? in_array($value, $choices->values[$filter], true)
                    : $value >= ($least ?? $value) && $value <= ($most ?? $value)) {
                    return true;
                }
            }

            return false;
        };
        $left = [];
        foreach ($rows as $row) {
            $ofVariants = array_filter(
                $choices->filters(),
                static fn (string $filter): bool => in_array($filter, ['option.1', 'option.2', 'price'], true),
            );
            $ok = array_filter(
                array_diff($choices->filters(), $ofVariants),
                static fn (string $filter): bool => ! $fits($row->values, $filter),
            ) === [];
            $one = $ofVariants === [];
            foreach ($row->variants as $variant) {
                $one = $one
                    || array_filter($ofVariants, static fn (string $filter): bool => ! $fits($variant, $filter)) === [];
            }
            if ($ok && $one) {
                $left[] = $row->product;
            }
        }

        return $left;
    }

    private static function drawn(int $number): FilterRow
    {
        $some = static fn (int $most, int $of): array => array_values(array_unique(
            array_map(static fn (): int => mt_rand(1, $of), mt_rand(0, $most) === 0 ? [] : range(1, mt_rand(1, $most))),
        ));
        $variants = [];
        for ($at = mt_rand(0, 4); $at > 0; $at--) {
            $variants[] = array_filter(
                ['option.1' => $some(1, 3), 'option.2' => $some(1, 3), 'price' => [mt_rand(1, 6)]],
            );
        }

        return new FilterRow(
            $number,
            array_filter(['brand' => $some(1, 4), 'tag' => $some(3, 4), 'fact.7' => $some(1, 6)]),
            $variants,
        );
    }

    private static function anyChoices(): Choices
    {
        $choices = Choices::none();
        foreach (['brand' => 4, 'tag' => 4, 'option.1' => 3, 'option.2' => 3] as $filter => $of) {
            $choices = mt_rand(0, 1) === 1
                ? $choices->with($filter, array_map(static fn (): int => mt_rand(1, $of), range(1, mt_rand(1, 2))))
                : $choices;
        }
        foreach (['price', 'fact.7'] as $filter) {
            $choices = mt_rand(0, 2) === 0
                ? $choices->between($filter, mt_rand(1, 6), mt_rand(0, 1) === 1 ? mt_rand(1, 6) : null)
                : $choices;
        }

        return $choices;
    }

    /** @param  list<FilterRow>  $rows */
    private static function narrow(array $rows, Choices $choices): Narrowed
    {
        return (new Narrowing([
            Filter::ofProducts('brand'), Filter::ofProducts('tag'), Filter::ofVariants('option.1'),
            Filter::ofVariants('option.2'), Filter::rangeOfVariants('price'), Filter::rangeOfProducts('fact.7'),
        ], $choices))->of($rows);
    }

    /** @param  array{int, int}  ...$variants  colour and nib */
    private static function pen(int $number, array ...$variants): FilterRow
    {
        return new FilterRow(
            $number,
            [],
            array_values(array_map(
                static fn (array $one): array => ['option.1' => [$one[0]], 'option.2' => [$one[1]]],
                $variants,
            )),
        );
    }

    /** @param  list<int>  $prices */
    private static function thing(int $number, int $brand, array $prices): FilterRow
    {
        return new FilterRow(
            $number,
            ['brand' => [$brand]],
            array_map(static fn (int $price): array => ['price' => [$price]], $prices),
        );
    }
}
