<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Pages;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/** What lists promise to whoever leafs through them. */
final class PromisesOfListsTest extends TestCase
{
    private const PER_PAGE = 12;

    /** @return iterable<string, array{int}> */
    public static function sizes(): iterable
    {
        foreach ([1, 11, 12, 13, 24, 25, 36] as $size) {
            yield "$size products" => [$size];
        }
    }

    #[DataProvider('sizes')]
    public function test_every_product_stands_on_exactly_one_page_and_no_page_is_empty(int $size): void
    {
        $inks = $this->id('categories', 'Bottled inks');
        $all = DB::table('products')->where('published', true)->orderBy('id')->limit($size)->pluck('slug', 'id')->all();
        self::assertCount($size, $all);
        DB::table('category_product')
            ->whereIn('category_id', [$inks, ...DB::table('categories')->where('parent_id', $inks)->pluck('id')->all()])
            ->delete();
        DB::table('category_product')->insert(
            array_map(static fn (int $id): array => ['product_id' => $id, 'category_id' => $inks], array_keys($all)),
        );
        $pages = (int) ceil($size / self::PER_PAGE);
        foreach (['new', 'cheap', 'title'] as $sort) {
            $seen = [];
            for ($page = 1; $page <= $pages; $page++) {
                $on = $this->listed("/c/bottled-inks?sort=$sort&page=$page");
                self::assertCount($page < $pages ? self::PER_PAGE : $size - self::PER_PAGE * ($pages - 1), $on);
                array_push($seen, ...$on);
            }
            self::assertEqualsCanonicalizing(array_values($all), $seen);
            $last = (string) $this->get("/c/bottled-inks?sort=$sort&page=$pages")->getContent();
            self::assertStringNotContainsString('page='.($pages + 1), $last, 'There is nothing behind the last page.');
        }
    }

    public function test_the_cheapest_first_goes_by_what_customers_can_buy(): void
    {
        $chance = new Chance(5);
        $ids = DB::table('products')->where('published', true)->pluck('id')->all();
        foreach ($ids as $id) {
            DB::table('variants')->insert([
                'product_id' => $id,
                'sku' => "HID-$id",
                'price' => $chance->number(1, 50),
                'published' => false,
                'position' => 99,
                'stock' => 5,
            ]);
            DB::table('variants')->insert([
                'product_id' => $id,
                'sku' => "DEAR-$id",
                'price' => $chance->number(9_000_000, 9_900_000),
                'published' => false,
                'position' => 99,
                'stock' => 5,
            ]);
        }
        $now = now('UTC')->format('Y-m-d H:i:s');
        $cheapest = [];
        foreach (DB::table('variants')->join('products', 'products.id', '=', 'variants.product_id')
            ->where('variants.published', true)
            ->get(['products.slug', 'price', 'sale_price', 'sale_from', 'sale_until'])
            ->all() as $row) {
            $onSale = $row->sale_price !== null
                && $row->sale_price < $row->price
                && ($row->sale_from === null || $row->sale_from <= $now)
                && ($row->sale_until === null || $row->sale_until > $now);
            $cheapest[$row->slug] = min($cheapest[$row->slug] ?? PHP_INT_MAX, $onSale ? $row->sale_price : $row->price);
        }
        foreach (['cheap' => 1, 'dear' => -1] as $sort => $way) {
            $prices = array_map(
                static fn (string $slug): int => (int) $cheapest[$slug],
                [...$this->listed("/all?sort=$sort"), ...$this->listed("/all?sort=$sort&page=2")],
            );
            $ordered = $prices;
            usort($ordered, static fn (int $one, int $other): int => $way * ($one <=> $other));
            self::assertSame($ordered, $prices, $sort);
            self::assertSame($way === 1 ? min($cheapest) : max($cheapest), $prices[0]);
        }
    }

    /** @return list<string> */
    private function listed(string $address): array
    {
        $this->anew();
        preg_match_all(
            '~class="card-cover" href="/p/([^"]+)"~',
            (string) $this->get($address)->assertOk()->getContent(),
            $found,
        );

        return $found[1];
    }
}
