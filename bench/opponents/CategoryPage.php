<?php

declare(strict_types=1);

namespace Vestibra\Bench\Opponents;

use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\Core\Selling\MoneyFormat;

/**
 * A category page with cards, written by hand: the same products, the same HTML, and nothing that could be another way.
 */
final class CategoryPage
{
    private const STARS = 'M10 1.6l2.6 5.4 5.9.8-4.3 4.1 1 5.9-5.2-2.8-5.2 2.8 1-5.9L1.5 7.8l5.9-.8zM30 1.6l2.6 5.4 '
        .'5.9.8-4.3 4.1 1 5.9-5.2-2.8-5.2 2.8 1-5.9L21.5 7.8l5.9-.8zM50 1.6l2.6 5.4 5.9.8-4.3 4.1 1 5.9-5.2-2.8-5.2 '
        .'2.8 1-5.9L41.5 7.8l5.9-.8zM70 1.6l2.6 5.4 5.9.8-4.3 4.1 1 5.9-5.2-2.8-5.2 2.8 1-5.9L61.5 7.8l5.9-.8zM90 '
        .'1.6l2.6 5.4 5.9.8-4.3 4.1 1 5.9-5.2-2.8-5.2 2.8 1-5.9L81.5 7.8l5.9-.8z';

    /**
     * @param  list<int>  $ids  of the products that stand on the page
     * @param  list<array{string, list<mixed>}>  $queries  what the real page asks besides the products' own data
     */
    public function __invoke(string $slug, array $ids, int $total, array $queries): View
    {
        foreach ($queries as [$sql, $bindings]) {
            DB::select($sql, $bindings);
        }
        $category = DB::selectOne('select name from categories where slug = ?', [$slug]);

        return view()->file(__DIR__.'/category.blade.php', [
            'around' => AroundByHand::make(),
            'title' => $category->name ?? '',
            'description' => '',
            'products' => (new ProductReader)->several($ids),
            'total' => $total,
            'now' => app(ShopClock::class)->now(),
            'money' => app(MoneyFormat::class),
            'stars' => self::STARS,
            'css' => '',
            ...app(ShopMessages::class)->forViews(),
        ]);
    }
}
