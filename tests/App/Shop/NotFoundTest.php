<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Shop;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\Tests\App\TestCase;

/** An address where nothing is. */
final class NotFoundTest extends TestCase
{
    /** @return iterable<string, array{string, string}> an address, and the name that is nearest to it */
    public static function addresses(): iterable
    {
        yield 'a product with a typing error' => ['/p/teal-tdie-bottled-ink', 'Teal Tide bottled ink'];
        yield 'a category that is none' => ['/c/fountain', 'Fountain pens'];
        yield 'an address of no kind' => ['/wax-seals.html', 'Seals and wax'];
        yield 'deep down' => ['/a/b/c/notebook', 'notebook'];
    }

    #[DataProvider('addresses')]
    public function test_it_has_the_shop_around_it_a_search_and_the_nearest_names(string $address, string $name): void
    {
        $this->get($address)->assertNotFound()
            ->assertSee('There is nothing at this address')
            ->assertSee('role="search"', false)->assertSee('class="navigation"', false)
            ->assertSee('You may have meant')->assertSeeText($name)
            ->assertSee('<meta name="robots" content="noindex">', false)->assertDontSee('rel="canonical"', false);
    }

    public function test_who_does_not_read_pages_gets_none(): void
    {
        $this->getJson('/p/nothing-there')->assertNotFound()
            ->assertJsonStructure(['message'])
            ->assertJsonMissing(['parts']);
        $this->get('/pictures/nope-400.webp', ['Accept' => 'image/webp,image/*'])
            ->assertNotFound()
            ->assertDontSee('You may have meant');
        $this->post('/p/nothing-there')->assertStatus(405);
        $this->actingAs($this->owner)->get('/studio/nothing-there')
            ->assertNotFound()
            ->assertDontSee('You may have meant');
    }

    public function test_an_older_address_leads_on_before_it_is_reached(): void
    {
        $ink = $this->id('products', 'Teal Tide bottled ink');
        $slug = (string) DB::table('products')->where('id', $ink)->value('slug');
        DB::table('products')->where('id', $ink)->update(['slug' => 'teal-tide']);
        DB::table('old_address_names')
            ->insert(['thing' => 'product', 'slug' => $slug, 'thing_id' => $ink, 'until' => now()]);

        $this->get("/p/$slug")->assertRedirect('/p/teal-tide');
    }

    public function test_should_its_template_fail_there_are_plain_words(): void
    {
        DB::table('templates')
            ->where('page_kind', 'not-found')
            ->update(['live_tree' => '{"format": 4, "page": "broken"}']);

        $this->get('/p/nothing-there')->assertNotFound()->assertSee('There is nothing at this address');
    }

    public function test_whatever_the_address_says_it_is_not_found(): void
    {
        foreach ([
            '/%F0%9F%96%8B', '/'.str_repeat('a', 1_500), "/p/'%22%3Cscript%3E", '/p/%2e%2e%2fetc', '/p/-', '/%E2%80%AE',
        ] as $address) {
            $this->anew();
            $this->get($address)->assertNotFound()->assertDontSee('<script>', false);
        }
    }
}
