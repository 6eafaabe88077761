<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Shop;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\Demo\MoreProducts;
use Vestibra\Tests\App\TestCase;

final class ShopPagesTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function pages(): iterable
    {
        yield 'home' => ['/', 'Welcome to Larkfold'];
        yield 'all' => ['/all', '109 products'];
        yield 'category with everything beneath' => ['/c/bottled-inks', '23 products'];
        yield 'collection' => ['/collection/winter-letters', 'Winter letters'];
        yield 'search' => ['/search?q=TEAL%20ti', 'Teal Tide bottled ink'];
        yield 'search for nothing' => ['/search', 'Type what you are looking for'];
        yield 'search without a hit' => ['/search?q=zeppelin', 'Nothing matches all of these words'];
        yield 'product' => ['/p/teal-tide-bottled-ink', 'Teal Tide bottled ink'];
        yield 'empty cart' => ['/cart', 'Your cart is empty'];
        yield 'checkout' => ['/checkout', 'This is a stand-in'];
        yield 'second page, last prices first' => ['/all?page=2&sort=dear', 'Highest price first'];
        yield 'an order that is not offered' => ['/all?sort=;drop', 'Newest first'];
    }

    #[DataProvider('pages')]
    public function test_it_answers(string $address, string $words): void
    {
        $this->get($address)->assertOk()->assertSee($words, false);
    }

    /** @return iterable<string, array{string}> */
    public static function oddAddresses(): iterable
    {
        yield 'unknown product' => ['/p/nothing-here'];
        yield 'hidden product' => ['/p/winter-trial-bottled-ink'];
        yield 'unknown category' => ['/c/nothing'];
        yield 'unknown collection' => ['/collection/nothing'];
        yield 'quotes' => ["/p/'%20or%20'1'='1"];
        yield 'script' => ['/p/%3Cscript%3Ealert(1)%3C%2Fscript%3E'];
        yield 'dots' => ['/p/..%2f..%2f.env'];
        yield 'very long' => ['/p/'.str_repeat('a', 4000)];
        yield 'emoji' => ['/p/%F0%9F%96%8B'];
    }

    #[DataProvider('oddAddresses')]
    public function test_an_address_without_a_page_says_so(string $address): void
    {
        $answer = $this->get($address)->assertNotFound();
        self::assertStringContainsString('There is nothing at this address', (string) $answer->getContent());
        self::assertStringNotContainsString('<script>alert', (string) $answer->getContent());
    }

    public function test_an_address_that_is_no_text_is_refused(): void
    {
        $this->get('/p/%FF%FE')->assertStatus(400)->assertSee('not written as addresses are');
    }

    /** @return iterable<string, array{string}> */
    public static function oddQueries(): iterable
    {
        yield 'an unknown value' => ['?o[1]=999999'];
        yield 'words for numbers' => ['?o[colour]=teal'];
        yield 'a list in a list' => ['?o[1][2]=3'];
        yield 'not a list' => ['?o=3'];
        yield 'a huge number' => ['?o[1]=99999999999999999999999'];
        yield 'a minus' => ['?o[1]=-1'];
    }

    #[DataProvider('oddQueries')]
    public function test_a_choice_that_does_not_exist_shows_one_that_does(string $query): void
    {
        $this->get("/p/teal-tide-bottled-ink$query")->assertOk()->assertSee('Add to cart');
    }

    public function test_it_says_when_a_combination_does_not_exist(): void
    {
        $this->get('/p/teal-tide-bottled-ink?o[1]=999999')->assertSee('That combination does not exist');
        $this->get('/p/teal-tide-bottled-ink')->assertDontSee('That combination does not exist');
    }

    public function test_price_stock_and_picture_follow_the_choice(): void
    {
        $option = $this->id('options', 'Bottle');
        $largest = DB::table('option_values')->where('option_id', $option)->where('label', '100 ml')->value('id');

        $this->get('/p/teal-tide-bottled-ink')->assertSee('£9.50')->assertSee('Add to cart');
        $this->get("/p/teal-tide-bottled-ink?o[$option]=$largest")->assertSee('£17.50')->assertSee('Sold out');
    }

    public function test_a_listing_shows_each_product_once_over_its_pages(): void
    {
        $seen = [];
        foreach ([1, 2] as $page) {
            preg_match_all(
                '#class="card-cover" href="([^"]+)"#',
                (string) $this->get("/c/bottled-inks?page=$page&sort=cheap")->getContent(),
                $found,
            );
            array_push($seen, ...$found[1]);
        }

        self::assertCount(23, $seen);
        self::assertCount(23, array_unique($seen));
    }

    public function test_sorting_by_price_uses_what_is_paid_now(): void
    {
        $first = static fn (string $html): string =>
            preg_match('#title-h3"><a href="[^"]+">([^<]+)<#', $html, $found) === 1 ? $found[1] : '';
        DB::table('variants')->where('product_id', $this->id('products', 'Heather bottled ink'))
            ->update(['sale_price' => 10, 'sale_from' => null, 'sale_until' => null]);
        DB::table('variants')->where('product_id', $this->id('products', 'Lamp Black bottled ink'))
            ->update(['sale_price' => 5, 'sale_from' => null, 'sale_until' => now()->subDay()->toDateTimeString()]);

        self::assertSame(
            'Heather bottled ink',
            $first((string) $this->get('/c/bottled-inks?sort=cheap')->getContent()),
        );
    }

    public function test_a_product_page_makes_at_most_twelve_queries_however_many_products_there_are(): void
    {
        $template = $this->template();
        $this->edit(
            $template,
            $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]], [
                ['brand', 'isNoneOf', [$this->id('brands', 'Ostrelve')]],
            ]),
            [
                'edit' => 'insert',
                'parent' => $this->block($template, 'column'),
                'after' => null,
                'node' => ['kind' => 'picture', 'what' => ['picture' => 1]],
            ],
        );
        $this->publish($template);
        $cold = $this->queries('/p/teal-tide-bottled-ink');
        $warm = $this->queries('/p/teal-tide-bottled-ink');
        MoreProducts::fillUpTo(5000);

        self::assertLessThanOrEqual(16, $cold, 'The rules of the page, of headers and of footers.');
        self::assertLessThanOrEqual(12, $warm, 'Compiled rules are kept between requests.');
        self::assertSame($warm, $this->queries('/p/teal-tide-bottled-ink'));
        self::assertLessThanOrEqual(
            12,
            $this->queries('/p/'
                .DB::table('products')->where('published', true)->where('id', '>', 4000)->value('slug')),
        );
    }

    public function test_a_block_without_anything_to_show_leaves_nothing_in_the_shop(): void
    {
        DB::table('products')->where('slug', 'teal-tide-bottled-ink')->update(['short_description' => '']);

        $this->get('/p/teal-tide-bottled-ink')->assertOk()
            ->assertDontSee('short-description', false)
            ->assertDontSee('data-absent', false);
    }

    private function queries(string $address): int
    {
        $this->anew();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get($address)->assertOk();

        return count(DB::getQueryLog());
    }
}
