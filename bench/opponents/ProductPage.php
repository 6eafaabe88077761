<?php

declare(strict_types=1);

namespace Vestibra\Bench\Opponents;

use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\Core\Selling\MoneyFormat;

/** The same HTML from one plain hand-written Blade view, with the same queries. */
final class ProductPage
{
    /** @param  list<array{string, list<mixed>}>  $queries  what the real page asks besides the product's own data */
    public function __invoke(string $slug, array $queries): View
    {
        $product = (new ProductReader)->bySlug($slug) ?? abort(404);
        foreach ($queries as [$sql, $bindings]) {
            DB::select($sql, $bindings);
        }
        $links = [['Home', '/']];
        foreach (DB::select('select a.name, a.slug from categories c join categories a on c.lower between a.lower and a.upper where c.id = ? order by a.lower', [$product->mainCategoryId]) as $row) {
            $links[] = [$row->name, '/c/'.rawurlencode($row->slug)];
        }
        $variant = $product->variants[0];
        $now = app(ShopClock::class)->now();
        $money = app(MoneyFormat::class);

        return view()->file(__DIR__.'/product.blade.php', [
            'around' => AroundByHand::make(),
            'title' => $product->title,
            'description' => $product->searchDescription(),
            'product' => $product,
            'variant' => $variant,
            'links' => $links,
            'price' => $money->format($variant->priceAt($now)),
            'was' => $variant->isOnSale($now) ? $money->format($variant->price) : null,
            'css' => '',
        ]);
    }
}
