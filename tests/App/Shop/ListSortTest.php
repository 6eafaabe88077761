<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Shop;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Models\Catalogue\Variant;
use Vestibra\App\Shop\Sql\ListedProducts;
use Vestibra\Core\Selling\ListedProduct;
use Vestibra\Core\Selling\ListSort;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/** The database orders lists as the core does, on generated shops. */
final class ListSortTest extends TestCase
{
    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 6; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    #[DataProvider('seeds')]
    public function test_every_order_is_that_of_the_core(Chance $chance): void
    {
        Variant::query()->delete();
        $values = [];
        foreach (Product::query()->published()->orderBy('id')->pluck('id')->all() as $id) {
            $values[] = $this->drawn($chance, (int) $id);
        }
        self::assertGreaterThan(50, count($values));
        $now = new DateTimeImmutable('2026-11-30 12:00:00 UTC');
        foreach (ListSort::cases() as $sort) {
            usort($values, $sort->compare(...));
            $rows = ListedProducts::page('1', ListedProducts::order($sort, $now), count($values), 0);

            self::assertSame(
                array_map(static fn (ListedProduct $one): int => $one->id, $values),
                array_column($rows, 'id'),
                "seed $chance->seed, $sort->value",
            );
        }
    }

    private function drawn(Chance $chance, int $id): ListedProduct
    {
        $price = $chance->oneIn(6) ? null : $chance->number(1, 4) * 100;
        $sale = $price !== null && $chance->oneIn(3) ? intdiv($price, $chance->number(1, 4)) : null;
        $reviews = $chance->number(0, 3);
        $stars = $reviews === 0 ? 0 : $chance->number($reviews, 5 * $reviews);
        $added = '2026-11-0'.$chance->number(1, 5).' 10:00:00';
        $title = $chance->pick(['alpha', 'beta', 'gamma']);
        Product::query()->whereKey($id)->update([
            'title_order' => $title, 'added_at' => $added, 'review_count' => $reviews, 'star_sum' => $stars,
        ]);
        if ($price !== null) {
            Variant::query()->insert([
                'product_id' => $id, 'sku' => "DRAWN-$id", 'price' => $price, 'sale_price' => $sale,
                'published' => true,
            ]);
        }
        $onSale = $sale !== null && $sale < $price;

        return new ListedProduct(
            $id,
            $title,
            new DateTimeImmutable("$added UTC"),
            $onSale ? $sale : $price,
            $reviews,
            $stars,
            $onSale ? ($price - $sale) / $price : null,
        );
    }
}
