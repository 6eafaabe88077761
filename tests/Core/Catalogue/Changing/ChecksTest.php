<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue\Changing;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Checks;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Problem;

final class ChecksTest extends TestCase
{
    public function test_the_main_category_is_one_that_the_product_is_filed_in(): void
    {
        self::assertSame([], Checks::thing(Thing::Product, 1, ['mainCategory' => 3, 'categories' => [2, 3]]));
        self::assertSame([], Checks::thing(Thing::Product, 1, ['mainCategory' => null, 'categories' => [2]]));
        self::assertEquals(
            [CatalogueProblem::MainNotFiled->at('product/1/mainCategory')],
            Checks::thing(Thing::Product, 1, ['mainCategory' => 4, 'categories' => ['4']]),
        );
        self::assertSame([], Checks::thing(Thing::Tag, 1, ['mainCategory' => 4, 'categories' => []]));
        self::assertEquals(
            [CatalogueProblem::MainNotFiled->at('product/1/mainCategory')],
            Checks::thing(Thing::Product, 1, ['mainCategory' => 4, 'categories' => [2, 3]]),
        );
    }

    public function test_a_sale_is_below_the_price_and_ends_after_it_begins(): void
    {
        $codes = static fn (array $fields): array =>
            array_map(static fn (Problem $problem): mixed => $problem->code, Checks::thing(Thing::Variant, 7, $fields));

        self::assertSame(
            [],
            $codes([
                'price' => 500, 'salePrice' => 499, 'saleFrom' => '2026-12-01T00:00:00Z',
                'saleUntil' => '2026-12-01T00:00:01Z',
            ]),
        );
        self::assertSame([], $codes(['price' => 500, 'salePrice' => null, 'saleFrom' => null, 'saleUntil' => null]));
        self::assertSame([CatalogueProblem::SaleNotBelow], $codes(['price' => 500, 'salePrice' => 500]));
        self::assertSame(
            [CatalogueProblem::SaleEndsFirst],
            $codes([
                'price' => 500, 'salePrice' => 1, 'saleFrom' => '2026-12-01T00:00:00Z',
                'saleUntil' => '2026-12-01T00:00:00Z',
            ]),
        );
    }

    public function test_what_is_wrong_is_said_at_its_field(): void
    {
        self::assertSame(['variant/7/salePrice', 'variant/7/saleUntil'], array_map(
            static fn (Problem $problem): string => $problem->path,
            Checks::thing(Thing::Variant, 7, [
                'price' => 500, 'salePrice' => 501, 'saleFrom' => '2026-12-02T00:00:00Z',
                'saleUntil' => '2026-12-01T00:00:00Z',
            ]),
        ));
    }

    public function test_each_combination_is_one_variant(): void
    {
        $options = [1 => 10, 2 => 10, 3 => 11];
        $good = [4 => ['sku' => 'a', 'values' => [1, 3]], 5 => ['sku' => 'b', 'values' => [2, 3]]];

        self::assertSame([], Checks::variants($good, $options));
        self::assertEquals(
            [CatalogueProblem::VariantTwice->at('variant/5/values', ['other' => 'a'])],
            Checks::variants([4 => $good[4], 5 => ['sku' => 'b', 'values' => [1, 3]]], $options),
        );
        self::assertEquals(
            [CatalogueProblem::TwoOfOneOption->at('variant/4/values')],
            Checks::variants([4 => ['sku' => 'a', 'values' => [1, 2]]], $options),
        );
        self::assertEquals(
            [CatalogueProblem::SkuTaken
                ->at('variant/5/sku', ['sku' => 'a', 'where' => 'another variant of this product'])],
            Checks::variants([4 => $good[4], 5 => ['sku' => 'a', 'values' => [2]]], $options),
        );
        self::assertCount(
            1,
            Checks::variants([4 => ['sku' => 'a', 'values' => []], 5 => ['sku' => 'b', 'values' => []]], $options),
        );
    }

    public function test_circles_of_any_length_are_seen_from_wherever_they_are_closed(): void
    {
        self::assertFalse(Checks::circle([1 => null, 2 => 1, 3 => 2], 3));
        self::assertTrue(Checks::circle([1 => 1], 1));
        for ($length = 2; $length < 30; $length++) {
            $parents = [1 => $length];
            for ($id = 2; $id <= $length; $id++) {
                $parents[$id] = $id - 1;
            }
            foreach (array_keys($parents) as $id) {
                self::assertTrue(Checks::circle($parents, $id));
            }
            $parents[1] = null;
            self::assertFalse(Checks::circle($parents, $length));
        }
        self::assertTrue(Checks::circle([1 => 2, 2 => 3, 3 => 2], 1), 'above it a circle');
    }
}
