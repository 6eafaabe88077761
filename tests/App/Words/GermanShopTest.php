<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Words;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Catalogue\Sql\ProductIndex;
use Vestibra\Core\Selling\MoneyFormat;
use Vestibra\Tests\App\TestCase;

/** The same shop, where customers read German. */
final class GermanShopTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        config(['vestibra.locale' => 'de_DE']);
        $this->app->forgetInstance(MoneyFormat::class);
        $this->anew();
    }

    public function test_no_page_of_the_shop_speaks_english_of_its_own_accord(): void
    {
        foreach ([
            '/', '/p/teal-tide-bottled-ink', '/c/inks', '/all', '/search?q=ink', '/search', '/cart', '/checkout',
            '/nowhere',
        ] as $page) {
            $html = (string) $this->get($page)->getContent();
            self::assertStringContainsString('<html lang="de">', $html, $page);
            self::assertDoesNotMatchRegularExpression(
                '/>\s*(Add to cart|Cart|Home|All|Find|Search|More|Next|Show|Sold out|from|In order|Quantity)\s*[<·]/',
                $html,
                $page,
            );
        }
        $this->get('/p/teal-tide-bottled-ink')->assertSee('In den Korb')->assertSee('Menge');
        $this->get('/c/inks')->assertSee('Artikel')->assertSee('Günstiges zuerst');
        $this->get('/nowhere')->assertNotFound()->assertSee('Hier ist nichts');
    }

    public function test_money_numbers_and_days_are_german(): void
    {
        $product = $this->id('products', 'Teal Tide bottled ink');
        DB::table('reviews')->insert([
            'product_id' => $product, 'stars' => 4, 'author' => 'Ada', 'words' => 'Gut.', 'published' => true,
            'state' => 'read', 'written_at' => '2027-03-05 10:00:00',
        ]);
        ProductIndex::refresh($product);
        DB::table('variants')->where('product_id', $product)->update([
            'price' => 123450, 'sale_price' => null, 'sale_from' => null, 'sale_until' => null,
        ]);
        $template = $this->template('Mit Stimmen');
        $this->edit($template, [
            'edit' => 'insert',
            'parent' => $this->block($template, 'column'),
            'after' => null,
            'node' => ['id' => 'stimmen', 'kind' => 'reviews', 'what' => ['form' => true, 'none' => 'form']],
        ]);
        $html = (string) $this->actingAs($this->owner)->get("/studio/templates/$template->id/canvas/$product")
            ->assertOk()
            ->getContent();

        self::assertStringContainsString("1.234,50\u{a0}£", $html);
        self::assertStringContainsString('5. März 2027', $html);
        self::assertMatchesRegularExpression('/10 von \d+ Stimmen/', $html);
        $this->actingAs($this->owner)
            ->get("/studio/templates/$template->id")
            ->assertSee('"default":"In den Korb"', false);
    }

    public function test_titles_stand_in_the_order_of_the_language(): void
    {
        foreach (['Ärmelstift' => 1, 'Atlas' => 2, 'Zange' => 3] as $title => $product) {
            DB::table('products')->where('id', $product)->update(['title' => $title]);
            ProductIndex::refresh($product);
        }
        $this->get('/all?sort=title')->assertSeeInOrder(['Ärmelstift', 'Atlas']);
    }

    public function test_the_cart_answers_in_german(): void
    {
        $variant = (int) DB::table('variants')->where('product_id', $this->id('products', 'Teal Tide bottled ink'))
            ->orderBy('position')
            ->value('id');
        $this->postJson('/cart', ['variant' => $variant, 'quantity' => 1])
            ->assertJsonPath('message', '„Teal Tide bottled ink“ liegt in Ihrem Korb.');
        $this->postJson('/cart', ['variant' => 999999])->assertStatus(422)->assertSee('nicht (mehr) zu haben');
    }
}
