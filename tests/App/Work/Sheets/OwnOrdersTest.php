<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Sheets;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Vestibra\App\Records\Models\User;
use Vestibra\Core\Catalogue\OwnOrder;
use Vestibra\Demo\MoreProducts;
use Vestibra\Tests\App\TestCase;

/** The owner's own order of the products of a category or collection. */
final class OwnOrdersTest extends TestCase
{
    private int $inks;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
        $this->inks = $this->id('categories', 'Inks');
    }

    public function test_a_category_is_in_the_owners_order_once_something_was_moved_and_what_is_new_follows(): void
    {
        $before = $this->inShop('/c/inks');
        $last = $this->listed()[count($this->listed()) - 1];
        $this->move([$last], OwnOrder::FIRST)->assertOk();

        self::assertSame([$last, ...array_slice($before, 0, 11)], $this->inShop('/c/inks'));
        self::assertSame($this->inShop('/c/inks'), $this->inShop('/c/inks?sort=own'));
        self::assertSame($before, $this->inShop('/c/inks?sort=new'));
        self::assertSame([1, 2], [$this->rows()->json('placed'), $this->rows()->json('rows.1.place')]);
        self::assertSame(
            $before,
            array_slice(
                $this->listed('/studio/catalogue/category/'.$this->id('categories', 'Inks').'/order/rows'),
                1,
                12,
            ),
        );
    }

    public function test_a_list_and_the_shop_show_the_same_order_after_many_moves_and_each_is_taken_back_as_one(): void
    {
        $states = [$this->listed()];
        $entries = [];
        foreach ([[3, 0], [0, 5], [7, -1], [2, 9], [9, 2]] as [$from, $to]) {
            $listed = $this->listed();
            $answer = $this->move([$listed[$from]], $to <= 0 ? $to : $listed[$to])->assertOk();
            $entries[] = $answer->json('entry');
            $states[] = $this->listed();
            self::assertSame(array_slice($this->listed(), 0, 12), $this->inShop('/c/inks?sort=own'));
        }
        foreach (array_reverse($entries) as $at => $entry) {
            $this->postJson("/studio/catalogue/entries/$entry/take-back")->assertOk();
            self::assertSame($states[count($entries) - 1 - $at], $this->listed());
        }
    }

    public function test_the_order_is_let_go_of_and_comes_back(): void
    {
        $before = $this->listed();
        $this->move([$before[4]], OwnOrder::FIRST)->assertOk();
        $entry = $this
            ->postJson("/studio/catalogue/category/$this->inks/order/clear", ['seen' => $this->rows()->json('seen')])
            ->assertOk()
            ->json('entry');
        self::assertSame([$before, 0], [$this->listed(), DB::table('category_order')->count()]);
        $this->postJson("/studio/catalogue/entries/$entry/take-back")->assertOk();
        self::assertSame($before[4], $this->listed()[0]);
    }

    public function test_a_collection_picked_by_hand_and_one_by_rule(): void
    {
        foreach (DB::table('collections')->get(['id', 'rule', 'slug'])->all() as $collection) {
            $rows = "/studio/catalogue/collection/$collection->id/order/rows";
            $before = $this->listed($rows);
            if (count($before) < 3) {
                continue;
            }
            $this->postJson(
                "/studio/catalogue/collection/$collection->id/order",
                ['products' => [$before[2]], 'after' => 0, 'seen' => $this->getJson($rows)->json('seen')],
            )->assertOk();
            $after = [$before[2], $before[0], $before[1], ...array_slice($before, 3)];
            self::assertSame(
                [$after, array_slice($after, 0, 12)],
                [$this->listed($rows), $this->inShop("/collection/$collection->slug?sort=own")],
                (string) $collection->slug,
            );
            self::assertSame(
                array_slice($after, 0, 12),
                $this->inShop("/collection/$collection->slug"),
                'It is the usual one from then on.',
            );
        }
        self::assertGreaterThan(0, DB::table('collection_order')->count());
    }

    public function test_hidden_and_deleted_products_leave_the_others_where_they_are(): void
    {
        $listed = $this->listed();
        $this->move([$listed[5], $listed[6]], OwnOrder::FIRST)->assertOk();
        DB::table('products')->where('id', $listed[5])->update(['published' => false]);
        self::assertSame([$listed[6], $listed[0]], array_slice($this->listed(), 0, 2));
        $this->move([$listed[1]], $listed[6])->assertOk();
        DB::table('products')->where('id', $listed[5])->update(['published' => true]);
        self::assertSame([$listed[5], $listed[6], $listed[1]], array_slice($this->listed(), 0, 3));
        DB::table('products')->where('id', $listed[6])->delete();
        self::assertSame([$listed[5], $listed[1], $listed[0]], array_slice($this->listed(), 0, 3));
    }

    public function test_whoever_looked_at_another_order_is_told_and_nothing_is_moved(): void
    {
        $page = $this->rows();
        $listed = $this->listed();
        $address = "/studio/catalogue/category/$this->inks/order";
        $this->postJson($address, ['products' => [$listed[2]], 'after' => 0, 'seen' => $page->json('seen')])
            ->assertOk();
        $stands = $this->listed();
        $stale = ['products' => [$listed[1]], 'after' => 0, 'seen' => $page->json('seen')];
        $this->postJson($address, $stale)
            ->assertStatus(409)
            ->assertJsonPath('problems.0.code', 'catalogue.order-since');
        $this->postJson("$address/clear", $stale)->assertStatus(409);
        $this->postJson($address, array_diff_key($stale, ['seen' => 1]))->assertStatus(422);
        self::assertSame($stands, $this->listed());
        self::assertSame(
            $this->rows()->json('seen'),
            $this->getJson("$address/rows?page=2")->json('seen'),
            'It stands for the whole order, not for a page of it.',
        );
        DB::table('products')->where('id', $listed[4])->update(['published' => false]);
        self::assertNotSame($page->json('seen'), $this->rows()->json('seen'));
    }

    public function test_many_thousand_are_put_in_order_a_page_at_a_time(): void
    {
        MoreProducts::fillUpTo(3000);
        DB::statement(
            "insert or ignore into category_product (product_id, category_id) select id, $this->inks from products",
        );
        $total = $this->rows()->json('total');
        self::assertGreaterThan(2500, $total);
        $far = $this->listed("/studio/catalogue/category/$this->inks/order/rows?page=40")[3];
        $this->move([$far], OwnOrder::FIRST)->assertOk();
        self::assertSame([$far, 1], [$this->listed()[0], $this->rows()->json('placed')]);
        $this->move([$far], OwnOrder::LAST)->assertOk();
        self::assertSame($total, $this->rows()->json('placed'));
        self::assertSame($far, DB::table('category_order')->orderByDesc('position')->value('product_id'));
    }

    public function test_nonsense_is_refused_in_words_and_nothing_is_moved(): void
    {
        $before = $this->listed();
        foreach ([[[999_999], 0], [[$before[0]], 999_999], [[$before[0]], $before[0]]] as [$products, $after]) {
            $this->move($products, $after)
                ->assertStatus(422)
                ->assertJsonPath('problems.0.code', 'catalogue.not-in-order');
        }
        foreach ([
            ['products' => [], 'after' => 0], ['products' => 'all', 'after' => 0], ['products' => [1], 'after' => -7],
            ['products' => [['a']], 'after' => 0], ['products' => range(1, 501), 'after' => 0],
        ] as $nonsense) {
            $this->postJson(
                "/studio/catalogue/category/$this->inks/order",
                $nonsense + ['seen' => $this->rows()->json('seen')],
            )->assertStatus(422);
        }
        $this->postJson('/studio/catalogue/category/99999/order', ['products' => [1], 'after' => 0, 'seen' => 'x'])
            ->assertNotFound();
        $this->getJson('/studio/catalogue/brand/1/order/rows')->assertNotFound();
        $this->getJson('/studio/catalogue/category/99999/order/rows')->assertNotFound();
        self::assertSame([$before, 0], [$this->listed(), DB::table('category_order')->count()]);
        $this->actingAs(User::query()->create(
            ['name' => 'V', 'email' => 'v@larkfold.example', 'password' => 'only-looking', 'role' => User::VIEWER],
        ));
        $this->move([$before[0]], OwnOrder::LAST)->assertForbidden();
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function rows(): TestResponse
    {
        return $this->getJson("/studio/catalogue/category/$this->inks/order/rows")->assertOk();
    }

    /** @return list<int> the first page of a list */
    private function listed(?string $address = null): array
    {
        return array_column(
            $this->getJson($address ?? "/studio/catalogue/category/$this->inks/order/rows")->assertOk()->json('rows'),
            'id',
        );
    }

    /**
     * @param  list<int>  $products
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function move(array $products, int $after): TestResponse
    {
        return $this->postJson("/studio/catalogue/category/$this->inks/order", [
            'products' => $products,
            'after' => $after,
            'seen' => $this->getJson("/studio/catalogue/category/$this->inks/order/rows")->json('seen'),
        ]);
    }

    /** @return list<int> the products on a page of the shop, in their order */
    private function inShop(string $address): array
    {
        $this->anew();
        preg_match_all(
            '~class="card-cover" href="/p/([^"]+)"~',
            (string) $this->get($address)->assertOk()->getContent(),
            $found,
        );
        $ids = DB::table('products')->whereIn('slug', $found[1])->pluck('id', 'slug');

        return array_map(static fn (string $slug): int => (int) $ids[$slug], $found[1]);
    }
}
