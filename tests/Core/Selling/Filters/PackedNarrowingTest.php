<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Selling\Filters;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Selling\Filters\Choices;
use Vestibra\Core\Selling\Filters\Filter;
use Vestibra\Core\Selling\Filters\FilterRow;
use Vestibra\Core\Selling\Filters\Narrowing;
use Vestibra\Core\Selling\Filters\Packed\Bits;
use Vestibra\Core\Selling\Filters\Packed\PackedNarrowing;
use Vestibra\Core\Selling\Filters\Packed\Packing;

/** Packed products are narrowed as one after another is. */
final class PackedNarrowingTest extends TestCase
{
    public function test_packed_and_one_after_another_agree(): void
    {
        mt_srand($seed = random_int(1, 1_000_000));
        for ($round = 0; $round < 300; $round++) {
            $rows = array_map(self::drawn(...), range(1, mt_rand(1, 60)));
            $listed = mt_rand(0, 3) === 0
                ? null
                : array_values(array_filter($rows, static fn (): bool => mt_rand(0, 3) > 0));
            $filters = self::filters(mt_rand(0, 1) === 1);
            $choices = self::anyChoices();
            $one = (new Narrowing($filters, $choices))->of($listed ?? $rows);
            $packs = (new PackedNarrowing($filters, $choices))->of(self::packs($rows, $listed, mt_rand(1, 40)));

            $ids = $packs->found->ids();
            sort($ids);
            $where = "seed $seed, round $round";
            self::assertSame($one->products, $ids, $where);
            self::assertSame(count($one->products), $packs->total, $where);
            self::assertSame($one->counts, $packs->counts, $where);
            self::assertEquals($one->bounds, $packs->bounds, $where);
            self::assertSame($one->giveUp['products'] ?? null, $packs->giveUp['products'] ?? null, $where);
            self::assertSame(count($one->giveUp['filters'] ?? []), count($packs->giveUp['filters'] ?? []), $where);
        }
    }

    public function test_whether_a_product_is_found(): void
    {
        $rows = [new FilterRow(4, ['brand' => [1]], []), new FilterRow(9, ['brand' => [2]], [[], []])];
        $found = (new PackedNarrowing(self::filters(false), Choices::none()->with('brand', [2])))
            ->of(self::packs($rows, null, 7))->found;

        self::assertSame([false, true, false, false], [
            $found->has(4, 0), $found->has(9, 0), $found->has(5, 0), $found->has(9, 1),
        ]);
    }

    public function test_what_is_given_to_a_pack_takes_the_place_of_what_it_had(): void
    {
        $pack = Packing::of(
            [new FilterRow(1, ['category' => [4]], []), new FilterRow(2, ['category' => [5], 'brand' => [1]], [])],
            static fn (): bool => false,
        )->with(['category' => [9 => "\3"]]);

        self::assertSame([[9], [1]], [array_keys($pack->values['category']), array_keys($pack->values['brand'])]);
    }

    public function test_sets_of_places(): void
    {
        $bits = Bits::of([0, 7, 8, 21], 3);

        self::assertSame([[0, 7, 8, 21], 4, true, false, false], [
            Bits::places($bits), Bits::count($bits), Bits::has($bits, 21), Bits::has($bits, 20), Bits::has($bits, 99),
        ]);
        self::assertSame([range(0, 10), 11], [Bits::places(Bits::all(11)), Bits::count(Bits::all(11))]);
        self::assertSame([7, 21], Bits::places(Bits::without($bits, Bits::of([0, 8], 3))));
        self::assertSame([false, true, 0], [Bits::any("\0\0"), Bits::any("\0\1"), Bits::count('')]);
    }

    /**
     * @param  list<FilterRow>  $rows
     * @param  list<FilterRow>|null  $listed
     * @return iterable<int, array{\Vestibra\Core\Selling\Filters\Packed\Pack, string|null}>
     */
    private static function packs(array $rows, ?array $listed, int $size): iterable
    {
        $in = $listed === null
            ? null
            : array_flip(array_map(static fn (FilterRow $row): int => $row->product, $listed));
        foreach (array_chunk($rows, $size) as $number => $some) {
            $pack = Packing::of(
                $some,
                static fn (string $filter): bool => in_array($filter, ['price', 'fact.7'], true),
            );
            yield $number => [
                $pack,
                $in === null ? null : Bits::of(
                    array_keys(array_filter($pack->products, static fn (int $product): bool => isset($in[$product]))),
                    $pack->length,
                ),
            ];
        }
    }

    /** @return list<Filter> */
    private static function filters(bool $onlyInStock): array
    {
        return [
            Filter::ofProducts('brand'), Filter::ofProducts('tag'),
            Filter::ofVariants('option.1')->inStock($onlyInStock), Filter::ofVariants('option.2'),
            Filter::rangeOfVariants('price')->inStock($onlyInStock), Filter::rangeOfProducts('fact.7'),
            Filter::ofVariants('stock'),
        ];
    }

    private static function drawn(int $number): FilterRow
    {
        $some = static fn (int $most, int $of): array => array_values(array_unique(
            array_map(static fn (): int => mt_rand(1, $of), mt_rand(0, $most) === 0 ? [] : range(1, mt_rand(1, $most))),
        ));
        $variants = [];
        for ($at = mt_rand(0, 6); $at > 0; $at--) {
            $variants[] = array_filter([
                'option.1' => $some(1, 3),
                'option.2' => $some(1, 3),
                'price' => [mt_rand(3, 40)],
                'stock' => $some(1, 1),
            ]);
        }

        return new FilterRow(
            $number,
            array_filter(
                ['brand' => $some(1, 4), 'tag' => $some(3, 4), 'fact.7' => mt_rand(0, 2) === 0 ? [] : [mt_rand(-9, 9)]],
            ),
            $variants,
        );
    }

    private static function anyChoices(): Choices
    {
        $choices = Choices::none();
        foreach (['brand' => 4, 'tag' => 4, 'option.1' => 3, 'option.2' => 3, 'stock' => 1] as $filter => $of) {
            $choices = mt_rand(0, 1) === 1
                ? $choices->with($filter, array_map(static fn (): int => mt_rand(1, $of), range(1, mt_rand(1, 2))))
                : $choices;
        }
        foreach (['price' => [1, 45], 'fact.7' => [-11, 11]] as $filter => [$least, $most]) {
            $choices = mt_rand(0, 2) === 0
                ? $choices
                    ->between($filter, mt_rand($least, $most), mt_rand(0, 1) === 1 ? mt_rand($least, $most) : null)
                : $choices;
        }

        return $choices;
    }
}
