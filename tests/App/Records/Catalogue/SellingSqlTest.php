<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Records\Catalogue;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Records\Catalogue\Sql\SellingSql;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Models\Catalogue\Variant;
use Vestibra\Core\Catalogue\Variant as VariantValue;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/** What is on sale, in stock, and what it costs is the same in the database as in the core, on generated variants. */
final class SellingSqlTest extends TestCase
{
    private const NOW = '2026-11-30 12:00:00';

    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 8; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    #[DataProvider('seeds')]
    public function test_the_database_sells_as_the_core_does(Chance $chance): void
    {
        Variant::query()->delete();
        $products = Product::query()->orderBy('id')->limit(12)->pluck('id')->all();
        $values = [];
        for ($id = 1; $id <= 90; $id++) {
            $product = $products[$chance->number(0, count($products) - 1)];
            $shown = ! $chance->oneIn(5);
            $values[$product][$id] = [$this->variant($chance, $id, (int) $product, $shown), $shown];
        }
        $now = new DateTimeImmutable(self::NOW.' UTC');
        $moment = SellingSql::moment($now);
        $rows = array_column(Database::rows(
            'select v.id, '.SellingSql::onSale($moment).' as sale, '.SellingSql::price($moment).' as price, '
                .SellingSql::IN_STOCK.' as stocked from variants v',
        ), null, 'id');
        $pages = array_column(Database::rows(
            'select p.id, '.SellingSql::lowest($moment).' as lowest, '.SellingSql::saving($moment).' as saving, '
                .SellingSql::PRODUCT_IN_STOCK.' as stocked from products p',
        ), null, 'id');
        foreach ($values as $product => $variants) {
            $prices = $savings = [];
            $stocked = false;
            foreach ($variants as $id => [$variant, $shown]) {
                self::assertSame(
                    [$variant->isOnSale($now), $variant->priceAt($now), $variant->isInStock()],
                    [(bool) $rows[$id]->sale, $rows[$id]->price, (bool) $rows[$id]->stocked],
                    "seed $chance->seed, variant $id",
                );
                if ($shown) {
                    $prices[] = $variant->priceAt($now);
                    $variant->isOnSale($now)
                        && $savings[] = ($variant->price - $variant->priceAt($now)) / $variant->price;
                    $stocked = $stocked || $variant->isInStock();
                }
            }
            self::assertSame(
                [$prices === [] ? null : min($prices), $stocked],
                [$pages[$product]->lowest, (bool) $pages[$product]->stocked],
                "seed $chance->seed, product $product",
            );
            self::assertEqualsWithDelta($savings === [] ? null : max($savings), $pages[$product]->saving, 1e-12);
        }
    }

    private function variant(Chance $chance, int $id, int $product, bool $shown): VariantValue
    {
        $price = $chance->number(1, 5) * 100;
        $sale = $chance->pick([null, null, $price, $price - 1, $price + 1, 1]);
        $edges = [null, null, self::NOW, '2026-11-30 11:59:59', '2026-11-30 12:00:01', '2025-01-01 00:00:00'];
        [$from, $until] = [$chance->pick($edges), $chance->pick($edges)];
        $stock = $chance->pick([null, 0, -2, 1, 7]);
        Variant::query()->insert([
            'id' => $id, 'product_id' => $product, 'sku' => "GEN-$id", 'price' => $price, 'sale_price' => $sale,
            'sale_from' => $from, 'sale_until' => $until, 'stock' => $stock, 'published' => $shown, 'position' => $id,
        ]);
        $instant = static fn (?string $at): ?DateTimeImmutable =>
            $at === null ? null : new DateTimeImmutable("$at UTC");

        return new VariantValue($id, "GEN-$id", [], $price, $sale, $instant($from), $instant($until), $stock);
    }
}
