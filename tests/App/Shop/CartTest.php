<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Shop;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\Tests\App\TestCase;

final class CartTest extends TestCase
{
    public function test_put_in_change_take_out(): void
    {
        $variant = $this->variant('Teal Tide bottled ink', 0);
        $this->post('/cart', ['variant' => $variant, 'quantity' => 2])->assertRedirect('/cart');
        $this->get('/cart')->assertSee('Teal Tide bottled ink')->assertSee('Bottle 30 ml')->assertSee('£19.00');
        $this->post('/cart/change', ['variant' => $variant, 'quantity' => 3])->assertRedirect('/cart');
        $this->get('/cart')->assertSee('£28.50');
        $this->post('/cart/change', ['variant' => $variant, 'remove' => 1]);
        $this->get('/cart')->assertSee('Your cart is empty');
    }

    public function test_the_same_again_adds_up(): void
    {
        $variant = $this->variant('Teal Tide bottled ink', 0);
        $this->postJson('/cart', ['variant' => $variant])->assertOk()->assertJson(['count' => 1]);
        $this->postJson('/cart', ['variant' => $variant, 'quantity' => 4])->assertOk()->assertJson(['count' => 5]);
    }

    public function test_the_saving_is_carried_into_the_cart(): void
    {
        $this->post('/cart', ['variant' => $this->variant('Mulled Plum bottled ink', 0)]);

        $this->get('/cart')->assertSee('£8.40')->assertSee('You save')->assertSee('£2.10');
    }

    public function test_not_more_than_there_is(): void
    {
        $variant = $this->variant('Mixing set of six inks', 0);
        $this->postJson('/cart', ['variant' => $variant, 'quantity' => 5])->assertOk()->assertJson(['count' => 1])
            ->assertJsonPath('message', 'More than 1 of “Mixing set of six inks” cannot be had, so your cart holds 1.');
        $this->post('/cart/change', ['variant' => $variant, 'quantity' => 9]);
        $this->get('/cart')->assertSee('More than 1 of');
    }

    /** @return iterable<string, array{mixed}> */
    public static function notToBeHad(): iterable
    {
        yield 'unknown' => [999999];
        yield 'nothing' => [null];
        yield 'words' => ['teal'];
        yield 'a list' => [[1, 2]];
        yield 'below zero' => [-5];
    }

    #[DataProvider('notToBeHad')]
    public function test_a_variant_that_does_not_exist_is_refused_with_a_sentence(mixed $variant): void
    {
        $this->postJson('/cart', ['variant' => $variant])->assertStatus(422)->assertJsonPath('count', 0)
            ->assertJsonPath('message', 'This choice is not to be had (any more). Nothing was added; please choose another.');
        $this->get('/cart')->assertSee('Your cart is empty');
    }

    public function test_sold_out_and_hidden_cannot_be_put_in(): void
    {
        $this->postJson('/cart', ['variant' => $this->variant('Night Mail bottled ink', 0)])->assertStatus(422)->assertJsonPath('count', 0);
        $this->postJson('/cart', ['variant' => $this->variant('Winter Trial bottled ink', 0)])->assertStatus(422);
    }

    public function test_what_is_gone_from_the_shop_drops_out_of_the_cart(): void
    {
        $variant = $this->variant('Teal Tide bottled ink', 0);
        $this->post('/cart', ['variant' => $variant]);
        DB::table('products')->where('title', 'Teal Tide bottled ink')->update(['published' => false]);

        $this->get('/cart')->assertOk()->assertSee('Your cart is empty');
        $this->post('/cart/change', ['variant' => $variant, 'quantity' => 2])->assertRedirect('/cart')->assertSessionHas('said', 'This was not to be had any more and is out of your cart.');
    }

    private function variant(string $product, int $position): int
    {
        return (int) DB::table('variants')->where('product_id', $this->id('products', $product))->where('position', $position)->value('id');
    }
}
