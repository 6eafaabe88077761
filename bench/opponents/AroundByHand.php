<?php

declare(strict_types=1);

namespace Vestibra\Bench\Opponents;

use Illuminate\Support\Facades\DB;
use Vestibra\App\PagesOut\Whole\Around;
use Vestibra\App\Shop\Cart;

/** The header and footer that shops begin with, from one plain hand-written Blade view and one query. */
final class AroundByHand
{
    public static function make(): Around
    {
        $given = [
            'categories' => DB::select('select id, parent_id, name, slug from categories order by position, id'),
            'shop' => config()->string('vestibra.shop'),
            'inCart' => app(Cart::class)->count(),
        ];
        $part = static fn (string $part): string =>
            view()->file(__DIR__.'/around.blade.php', $given + ['part' => $part])->render();

        return new Around($part('header'), $part('footer'));
    }
}
