<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Pages;

use Illuminate\Support\Facades\DB;
use Vestibra\Tests\App\TestCase;

/**
 * How the database goes about it: a set of products is gathered once, and never looked for again for each product of
 * the shop.
 */
final class PlansTest extends TestCase
{
    public function test_no_page_of_the_shop_looks_for_a_set_once_for_each_product(): void
    {
        foreach ([
            '/', '/all', '/c/inks', '/c/inks?sort=cheap', '/brand/pellinray', '/brand/pellinray?sort=new',
            '/collection/everything-teal', '/collection/last-pieces', '/search?q=ink', '/p/teal-tide-bottled-ink',
        ] as $address) {
            $this->anew();
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->get($address)->assertOk();
            $asked = DB::getQueryLog();
            DB::disableQueryLog();
            self::assertNotSame([], $asked);
            foreach ($asked as ['query' => $query, 'bindings' => $bindings]) {
                if (! str_starts_with($query, 'select')) {
                    continue;
                }
                $plan = implode("\n", array_column(DB::select("explain query plan $query", $bindings), 'detail'));
                self::assertStringNotContainsString('CORRELATED LIST', $plan, "$address: $query");
            }
        }
    }
}
