<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Lists\Orders;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Lists\Orders\KeptOrder;
use Vestibra\App\Lists\Orders\KeptOrders;
use Vestibra\App\Lists\Orders\RefreshOrders;
use Vestibra\App\Reach\Pages\ProductPages;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\App\Records\Catalogue\Sql\AwkwardSql;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\Variant;
use Vestibra\Core\Selling\ListedProduct;
use Vestibra\Core\Selling\ListSort;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/** Whatever happens to the shop, long lists stand in the order that the core gives their products at that moment. */
final class KeptOrdersTest extends TestCase
{
    private const START = 1_795_608_000;

    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 8; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    #[DataProvider('seeds')]
    public function test_after_whatever_happened_the_order_is_that_of_the_core(Chance $chance): void
    {
        Queue::fake();
        $this->travelTo('@'.self::START);
        $orders = new KeptOrders($this->app->make(ShopClock::class), 7);
        $orders->bringUp();
        for ($step = 1; $step <= 20; $step++) {
            $happened = [];
            for ($more = $chance->number(1, 4); $more > 0; $more--) {
                $happened[] = $this->something($chance);
            }
            $chance->oneIn(4) && $this->travel($chance->number(1, 40_000))->seconds();
            $chance->oneIn(4) && $orders->bringUp();
            $this->assertInOrder($orders, "seed $chance->seed, step $step: ".implode(', ', $happened));
        }
        self::assertSame(0, $orders->wrong());
        self::assertSame(0, DB::table('stale_orders')->count());
        $kept = DB::table('kept_orders')->orderBy('id')->get()->all();
        DB::table('kept_orders')->delete();
        $orders->rebuild();
        self::assertEquals($kept, DB::table('kept_orders')->orderBy('id')->get()->all());
    }

    public function test_a_sale_turns_by_the_clock_alone(): void
    {
        Queue::fake();
        $this->travelTo('@'.self::START);
        $id = (int) DB::table('products')->where('published', true)->value('id');
        DB::table('variants')->where('product_id', $id)->update([
            'price' => 900_000, 'sale_price' => 1, 'sale_from' => $this->moment(60),
            'sale_until' => $this->moment(120),
        ]);
        $orders = new KeptOrders($this->app->make(ShopClock::class), 7);
        $orders->bringUp();
        foreach ([0 => false, 59 => false, 60 => true, 119 => true, 120 => false] as $seconds => $isFirst) {
            $this->travelTo('@'.(self::START + $seconds));
            self::assertSame($isFirst, $orders->page(KeptOrder::Cheap, '1', 1, 0) === [$id], "after $seconds s");
            self::assertSame($isFirst, $orders->page(KeptOrder::Saving, '1', 1, 0) === [$id], "after $seconds s");
            self::assertSame(! $isFirst, $orders->page(KeptOrder::Dear, '1', 1, 0) === [$id], "after $seconds s");
        }
    }

    public function test_what_is_not_kept_as_of_this_moment_is_not_to_be_had(): void
    {
        Queue::fake();
        $this->travelTo('@'.self::START);
        $orders = $this->app->make(KeptOrders::class);
        DB::table('kept_orders_state')->delete();
        self::assertNull($orders->page(KeptOrder::Cheap, '1', 24, 0));
        Queue::assertPushed(RefreshOrders::class, 1);
        $orders->bringUp();
        self::assertNotNull($orders->page(KeptOrder::Cheap, '1', 24, 0));

        // Somebody walks the shop as on another day; the clock was set back.
        $this->app->make(ShopClock::class)->moveTo(new DateTimeImmutable('2027-01-01 UTC'));
        self::assertNull($orders->page(KeptOrder::Cheap, '1', 24, 0));
        $this->app->make(ShopClock::class)->moveTo(null);
        $this->travelTo('@'.(self::START - 1));
        self::assertNull($orders->page(KeptOrder::Cheap, '1', 24, 0));
    }

    public function test_very_many_that_changed_are_not_looked_at_beside(): void
    {
        Queue::fake();
        $orders = $this->app->make(KeptOrders::class);
        $orders->bringUp();
        $stale = static fn (int $number): array => ['product_id' => 1_000_000 + $number];
        DB::table('stale_orders')->insert(array_map($stale, range(1, 500)));
        self::assertNotNull($orders->page(KeptOrder::Cheap, '1', 24, 0));
        DB::table('stale_orders')->insert($stale(501));
        self::assertNull($orders->page(KeptOrder::Cheap, '1', 24, 0));
        (new RefreshOrders)->handle($orders);
        self::assertSame(0, DB::table('stale_orders')->count());
        self::assertNotNull($orders->page(KeptOrder::Cheap, '1', 24, 0));
    }

    private function something(Chance $chance): string
    {
        $product = (int) $chance->pick(DB::table('products')->pluck('id')->all());
        $variant = (int) $chance->pick(DB::table('variants')->pluck('id')->all());
        $what = $chance->pick([
            'price', 'sale', 'from', 'until', 'hidden', 'product', 'reviews', 'moved', 'gone', 'made', 'deleted',
            'stock', 'stock', 'title', 'short', 'pictures', 'variants',
        ]);
        match ($what) {
            'price' => DB::table('variants')->where('id', $variant)->update(['price' => $chance->number(1, 9) * 100]),
            'sale' => DB::table('variants')->where('id', $variant)->update([
                'sale_price' => $chance->number(1, 500),
                'sale_from' => $chance->oneIn(2) ? null : $this->moment($chance->number(-50_000, 50_000)),
                'sale_until' => $chance->oneIn(2) ? null : $this->moment($chance->number(-50_000, 90_000)),
            ]),
            'stock' => DB::table('variants')->where('product_id', $product)->update([
                'stock' => $chance->number(-1, 1),
            ]),
            'title' => DB::table('products')->where('id', $product)->update([
                'title' => $title = $chance->pick(['A', str_repeat('Long ', 15)]), 'title_folded' => strtolower($title),
            ]),
            'short' => DB::table('products')->where('id', $product)->update([
                'short_description' => $chance->pick(['', 'Short']),
            ]),
            'pictures' => DB::table('products')->where('id', $product)->update([
                'picture_count' => $chance->number(0, 2),
            ]),
            'variants' => DB::table('products')->where('id', $product)->update([
                'variant_count' => $chance->pick([11, 12]),
            ]),
            'from' => DB::table('variants')->where('id', $variant)->update(['sale_from' => $this->moment(-60)]),
            'until' => DB::table('variants')->where('id', $variant)->update(['sale_until' => $this->moment(60_000)]),
            'hidden' => DB::table('variants')->where('id', $variant)->update(['published' => $chance->oneIn(2)]),
            'product' => DB::table('products')->where('id', $product)->update(['published' => ! $chance->oneIn(3)]),
            'reviews' => DB::table('products')->where('id', $product)->update([
                'review_count' => $count = $chance->number(0, 3), 'star_sum' => $count * $chance->number(1, 5),
            ]),
            'moved' => DB::table('variants')->where('id', $variant)->update(['product_id' => $product]),
            'gone' => DB::table('variants')->where('id', $variant)->delete(),
            'made' => DB::table('variants')->insert([
                'product_id' => $product, 'sku' => 'NEW-'.DB::table('variants')->max('id'),
                'price' => $chance->number(1, 900), 'published' => true,
            ]),
            'deleted' => DB::table('products')->where('id', $product)->delete(),
        };

        return $what;
    }

    private function assertInOrder(KeptOrders $orders, string $words): void
    {
        $ids = DB::table('products')->where('published', true)->pluck('id')->all();
        $listed = array_map($this->listed(...), $this->app->make(ProductReader::class)->several($ids));
        self::assertCount(count($ids), $listed);
        $some = array_values(array_filter($ids, static fn (int $id): bool => $id % 3 === 0));
        foreach (KeptOrder::cases() as $sort) {
            $wanted = $this->wanted($sort, $listed);
            self::assertSame($wanted, $orders->page($sort, '1', 1_000, 0), "$sort->value, $words");
            self::assertSame(array_slice($wanted, 30, 7), $orders->page($sort, '1', 7, 30), "$sort->value, $words");
            self::assertSame(
                array_values(array_intersect($wanted, $some)),
                $orders->page($sort, '+p.id % 3 = 0', 1_000, 0),
                "$sort->value, $words",
            );
        }
    }

    /**
     * By the core, or, of what only the database knows, by asking every product.
     *
     * @param  list<ListedProduct>  $listed
     * @return list<int>
     */
    private function wanted(KeptOrder $order, array $listed): array
    {
        $sort = ListSort::tryFrom($order->value);
        if ($sort !== null) {
            usort($listed, $sort->compare(...));

            return array_map(static fn (ListedProduct $one): int => $one->id, $listed);
        }
        $awkward = AwkwardSql::count($this->app->make(ProductPages::class)->awkward());
        $first = $order === KeptOrder::Awkward ? $awkward : "$awkward = 0 and p.picture_count > 1";

        return array_column(
            DB::select("select p.id from products p where p.published = 1 order by $first desc, p.title_folded, p.id"),
            'id',
        );
    }

    private function listed(Product $product): ListedProduct
    {
        $now = $this->app->make(ShopClock::class)->now();
        $prices = array_map(static fn (Variant $one): int => $one->priceAt($now), $product->variants);
        $savings = array_map(
            static fn (Variant $one): ?float =>
                $one->isOnSale($now) ? ($one->price - $one->priceAt($now)) / $one->price : null,
            $product->variants,
        );
        $savings = array_filter($savings, is_float(...));
        $row = DB::table('products')->where('id', $product->id)->first(['review_count', 'star_sum']);

        return new ListedProduct(
            $product->id,
            $product->title,
            $now,
            $prices === [] ? null : min($prices),
            (int) $row?->review_count,
            (int) $row?->star_sum,
            $savings === [] ? null : max($savings),
        );
    }

    private function moment(int $seconds): string
    {
        return gmdate('Y-m-d H:i:s', self::START + $seconds);
    }
}
