<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Doors\Console;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Work\Doctor\Doctor;
use Vestibra\Demo\Inventor;
use Vestibra\Demo\MoreProducts;
use Vestibra\Demo\Vocabulary;
use Vestibra\Tests\App\TestCase;

/** Generated products are worth measuring with: they differ as those of a shop do. */
final class MoreProductsTest extends TestCase
{
    public function test_titles_differ_in_two_to_five_words(): void
    {
        self::assertCount(50, array_unique(Vocabulary::THINGS));
        $inventor = new Inventor(1, [1], [1], [], [], [], []);
        $titles = $words = [];
        for ($number = 1; $number <= 20_000; $number++) {
            $title = $inventor->product($number)->title;
            $titles[$title] = true;
            $words[str_word_count($title)] = true;
        }
        ksort($words);

        self::assertCount(20_000, $titles);
        self::assertSame([2, 3, 4, 5], array_keys($words));
    }

    public function test_the_same_seed_gives_the_same_product_and_another_seed_another(): void
    {
        $one = new Inventor(
            1,
            [1, 2],
            [1, 2, 3],
            [1, 2],
            [['id' => 1, 'kind' => 'number', 'decimals' => 1, 'choices' => []]],
            [['id' => 1, 'values' => [1, 2, 3]]],
            [1, 2],
        );
        $other = new Inventor(
            2,
            [1, 2],
            [1, 2, 3],
            [1, 2],
            [['id' => 1, 'kind' => 'number', 'decimals' => 1, 'choices' => []]],
            [['id' => 1, 'values' => [1, 2, 3]]],
            [1, 2],
        );

        self::assertEquals($one->product(77), $one->product(77));
        self::assertNotEquals($one->product(77), $other->product(77));
    }

    public function test_what_is_kept_knows_of_them_and_of_whatever_comes_after_them(): void
    {
        self::assertSame(0, Artisan::call('vestibra:demo --products=110'));
        $triggers = static fn (): array => DB::table('sqlite_master')->where('type', 'trigger')->orderBy('name')
            ->pluck('sql')->all();
        $before = $triggers();
        self::assertSame([0, 0, 0], self::stale());
        MoreProducts::fillUpTo(200);
        self::assertSame($before, $triggers());
        self::assertSame([90, 90, 90], self::stale());
        self::assertSame(0, DB::table('kept_counts')->count());
        self::assertSame(0, Artisan::call('vestibra:demo --products=200'));
        self::assertSame([0, 0, 0], self::stale());
        DB::table('variants')->where('product_id', 150)->update(['price' => 7]);
        self::assertSame([1, 1, 1], self::stale());
        self::assertSame([], array_values(array_intersect(
            array_column($this->app->make(Doctor::class)->examine(false), 'what'),
            ['stale', 'verdict', 'order', 'count', 'database'],
        )));
    }

    /** @return list<int> how many products each of those that keep something of them knows to have changed */
    private static function stale(): array
    {
        return array_map(
            static fn (string $table): int => DB::table($table)->count(),
            ['filter_stale', 'stale_verdicts', 'stale_orders'],
        );
    }

    public function test_they_are_spread_as_in_a_shop(): void
    {
        MoreProducts::fillUpTo(3000);
        $share = static fn (string $where): float =>
            (int) DB::table('products')->where('id', '>', 200)->whereRaw($where)->count() / 2800;

        foreach ([
            'brand_id is null' => [0.03, 0.08],
            'published = 0' => [0.01, 0.06],
            'review_count = 0' => [0.35, 0.55],
            "short_description = ''" => [0.06, 0.14],
            'picture_count = 0' => [0.02, 0.07],
            'not exists (select 1 from product_tag t where t.product_id = products.id)' => [0.2, 0.75],
            'not exists (select 1 from fact_values f where f.product_id = products.id and f.fact_id = 3)' => [0.3, 0.4],
            'exists (select 1 from variants v where v.product_id = products.id and v.sale_price < v.price)' => [
                0.08,
                0.16,
            ],
            'not exists (select 1 from variants v where v.product_id = products.id and (v.stock is null or v.stock > '
                .'0))' => [0.03, 0.15],
            'variant_count = 1' => [0.35, 0.55],
            'variant_count > 9' => [0.02, 0.12],
        ] as $where => [$least, $most]) {
            self::assertThat(
                $share($where),
                self::logicalAnd(self::greaterThanOrEqual($least), self::lessThanOrEqual($most)),
                $where,
            );
        }
        self::assertLessThanOrEqual(30, (int) DB::table('products')->max('variant_count'));
        self::assertSame(0, DB::table('variants')->whereRaw('sale_price >= price')->count());
        self::assertSame(
            0,
            DB::table('products')->whereRaw('star_sum < review_count or star_sum > 5 * review_count')->count(),
        );
        self::assertSame(
            [],
            DB::select(
                'select v.product_id from variants v join (select variant_id, group_concat(option_value_id) as c '
                    .'from variant_values group by variant_id) x on x.variant_id = v.id group by v.product_id, x.c '
                    .'having count(*) > 1 limit 3',
            ),
            'No two variants of a product are the same.',
        );
    }

    public function test_they_are_found_and_stand_in_the_shop(): void
    {
        MoreProducts::fillUpTo(400);
        $product = DB::table('products')->where('id', '>', 200)
            ->where('published', true)
            ->orderByDesc('variant_count')
            ->first();

        $this->get("/p/$product->slug")->assertOk()->assertSee((string) $product->title);
        $this->get('/search?q='.urlencode((string) $product->title))->assertOk()->assertSee((string) $product->title);
    }
}
