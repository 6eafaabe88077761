<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue\Changing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Changing\Applying;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Merge;
use Vestibra\Core\Catalogue\Changing\MergedAround;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Problem;
use Vestibra\Tests\Core\Chance;

final class MergeTest extends TestCase
{
    private const FROM = 5;

    private const INTO = 2;

    /** @return iterable<string, array{Thing}> */
    public static function holders(): iterable
    {
        foreach ([Thing::Category, Thing::Brand, Thing::Tag] as $thing) {
            yield $thing->value => [$thing];
        }
    }

    /** Whatever product stood in the one stands in the other, and in nothing else that it did not stand in. */
    #[DataProvider('holders')]
    public function test_what_stood_in_the_one_stands_in_the_other_and_back_to_the_byte(Thing $thing): void
    {
        $chance = new Chance(7);
        for ($round = 0; $round < 100; $round++) {
            $drawer = new Drawer([
                $thing->value => [
                    self::FROM => ['name' => 'One', 'mergedFrom' => $chance->oneIn(2) ? [9, 11] : []],
                    self::INTO => ['name' => 'Other', 'mergedFrom' => $chance->oneIn(2) ? [10] : []],
                ],
                'product' => self::products($chance),
            ]);
            $before = $drawer->things;
            $merge = Merge::of($thing, self::FROM, self::INTO, $before[$thing->value]);
            self::assertInstanceOf(Merge::class, $merge);
            $stood = array_filter($before['product'], static fn (array $one): bool => $one['brand'] === self::FROM
                && $thing === Thing::Brand
                || in_array(self::FROM, [
                    ...$thing === Thing::Tag ? $one['tags'] : [],
                    ...$thing === Thing::Category ? $one['categories'] : [],
                ], true));
            $made = (new Applying($drawer))->apply($merge->entry(new MergedAround($stood)));

            self::assertInstanceOf(Entry::class, $made);
            self::assertEquals(self::expected($before['product'], $thing), $drawer->things['product']);
            self::assertArrayNotHasKey(self::FROM, $drawer->things[$thing->value]);
            self::assertEqualsCanonicalizing(
                [self::FROM, ...$before[$thing->value][self::FROM]['mergedFrom'], ...$before[$thing->value][self::INTO][
                    'mergedFrom'
                ]],
                $drawer->things[$thing->value][self::INTO]['mergedFrom'],
            );
            (new Applying($drawer))->apply($made->invert());
            self::assertEquals($before, $drawer->things);
        }
    }

    public function test_what_lay_in_the_one_lies_behind_what_lies_in_the_other_in_its_order(): void
    {
        $entry = self::entry(Thing::Category, [], new MergedAround(beneath: [8 => 1, 7 => 4], last: 3));
        $after = array_map(static fn (int $id): ?array => $entry->of(Thing::Category, $id)?->after, [8, 7]);

        self::assertSame(
            [['parent' => self::INTO, 'position' => 4], ['parent' => self::INTO, 'position' => 5]],
            $after,
        );
        self::assertSame(
            ['parent' => self::FROM, 'position' => 4],
            $entry->of(Thing::Category, 7)?->before,
            'So that it can be taken back.',
        );
    }

    public function test_values_of_one_name_become_one_and_the_others_move_over(): void
    {
        $around = new MergedAround(
            variants: [31 => ['values' => [1, 71]], 32 => ['values' => [71, 3]]],
            beneath: [71 => 1, 72 => 2],
            last: 6,
            same: [71 => 41],
            values: [71 => ['label' => 'Teal', 'mergedFrom' => [70]], 41 => ['label' => 'Teal', 'mergedFrom' => [40]]],
        );
        $entry = self::entry(Thing::Option, [], $around);

        self::assertSame(['values' => [1, 41]], $entry->of(Thing::Variant, 31)?->after);
        self::assertSame(['values' => [3, 41]], $entry->of(Thing::Variant, 32)?->after);
        self::assertSame(['mergedFrom' => [40, 70, 71]], $entry->of(Thing::OptionValue, 41)?->after);
        self::assertSame(['mergedFrom' => [40]], $entry->of(Thing::OptionValue, 41)?->before);
        self::assertSame(['option' => self::INTO, 'position' => 7], $entry->of(Thing::OptionValue, 72)?->after);
        self::assertTrue($entry->of(Thing::OptionValue, 71)?->isDeleted());
        self::assertTrue($entry->of(Thing::Option, self::FROM)?->isDeleted());
    }

    public function test_a_value_becomes_another_of_its_option(): void
    {
        $entry = self::entry(
            Thing::OptionValue,
            ['option' => 1],
            new MergedAround(variants: [31 => ['values' => [self::FROM, 9]]]),
        );

        self::assertSame(['values' => [self::INTO, 9]], $entry->of(Thing::Variant, 31)?->after);
    }

    public function test_collections_are_put_one_behind_the_other_each_product_once(): void
    {
        $merge = Merge::of(Thing::Collection, self::FROM, self::INTO, [
            self::FROM => ['rule' => null, 'products' => [3, 1, 4], 'mergedFrom' => []],
            self::INTO => ['rule' => null, 'products' => [9, 4], 'mergedFrom' => []],
        ]);
        self::assertInstanceOf(Merge::class, $merge);
        $change = $merge->entry(new MergedAround)->of(Thing::Collection, self::INTO);

        self::assertSame([9, 4, 3, 1], $change?->after['products'] ?? null);
        self::assertSame([9, 4], $change?->before['products'] ?? null);
    }

    public function test_what_cannot_become_one_is_said(): void
    {
        $two = static fn (mixed $one, mixed $other): array => [self::FROM => $one, self::INTO => $other];
        $none = ['rule' => null];
        foreach ([
            [Thing::Brand, self::FROM, $two([], []), [], CatalogueProblem::MergeIntoItself],
            [Thing::Brand, self::INTO, [self::FROM => []], [], CatalogueProblem::Gone],
            [Thing::Brand, self::INTO, [self::INTO => []], [], CatalogueProblem::Gone],
            [Thing::Product, self::INTO, $two([], []), [], CatalogueProblem::Gone],
            [Thing::Category, self::INTO, $two([], []), [1, self::FROM], CatalogueProblem::MergeBeneath],
            [Thing::Collection, self::INTO, $two($none, ['rule' => []]), [], CatalogueProblem::MergeByRule],
            [Thing::Collection, self::INTO, $two(['rule' => []], $none), [], CatalogueProblem::MergeByRule],
            [Thing::OptionValue, self::INTO, $two(['option' => 1], ['option' => 2]), [],
                CatalogueProblem::MergeOtherOption],
        ] as [$thing, $into, $stand, $above, $code]) {
            $problem = Merge::of($thing, self::FROM, $into, $stand, $above);

            self::assertInstanceOf(Problem::class, $problem);
            self::assertSame($code, $problem->code);
        }
        self::assertNull(Merge::tooMuch(10_000));
        self::assertSame(CatalogueProblem::TooMuchToMerge, Merge::tooMuch(10_001)?->code);
        self::assertSame(['count' => 10_001, 'most' => 10_000], Merge::tooMuch(10_001)->values);
    }

    /** @param  array<string, mixed>  $fields */
    private static function entry(Thing $thing, array $fields, MergedAround $around): Entry
    {
        $merge = Merge::of($thing, self::FROM, self::INTO, [
            self::FROM => $fields + ['mergedFrom' => []], self::INTO => $fields + ['mergedFrom' => []],
        ]);
        self::assertInstanceOf(Merge::class, $merge);

        return $merge->entry($around);
    }

    /** @return array<int, array<string, mixed>> */
    private static function products(Chance $chance): array
    {
        $products = [];
        for ($id = 1; $id <= 6; $id++) {
            $categories = $chance->some([1, self::INTO, self::FROM, 8], 4);
            $tags = $chance->some([1, self::INTO, self::FROM, 8], 4);
            sort($categories);
            sort($tags);
            $products[$id] = [
                'brand' => $chance->pick([null, self::INTO, self::FROM]),
                'tags' => $tags,
                'categories' => $categories,
                'mainCategory' => $chance->oneIn(2) ? $chance->pick($categories) : null,
            ];
        }

        return $products;
    }

    /**
     * @param  array<int, array<string, mixed>>  $products
     * @return array<int, array<string, mixed>> as one would do it by hand
     */
    private static function expected(array $products, Thing $thing): array
    {
        foreach ($products as &$one) {
            foreach (['tags' => Thing::Tag, 'categories' => Thing::Category] as $field => $of) {
                if ($thing === $of && in_array(self::FROM, $one[$field], true)) {
                    $one[$field] = array_values(array_unique(array_diff([self::INTO, ...$one[$field]], [self::FROM])));
                    sort($one[$field]);
                }
            }
            $thing === Thing::Category && $one['mainCategory'] === self::FROM && $one['mainCategory'] = self::INTO;
            $thing === Thing::Brand && $one['brand'] === self::FROM && $one['brand'] = self::INTO;
        }

        return $products;
    }
}
