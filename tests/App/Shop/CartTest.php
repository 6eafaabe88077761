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
            ->assertJsonPath(
                'message',
                'This choice is not to be had (any more). Nothing was added; please choose another.',
            );
        $this->get('/cart')->assertSee('Your cart is empty');
    }

    public function test_sold_out_and_hidden_cannot_be_put_in(): void
    {
        $this->postJson('/cart', ['variant' => $this->variant('Night Mail bottled ink', 0)])
            ->assertStatus(422)
            ->assertJsonPath('count', 0);
        $this->postJson('/cart', ['variant' => $this->variant('Winter Trial bottled ink', 0)])->assertStatus(422);
    }

    public function test_what_is_gone_from_the_shop_drops_out_of_the_cart(): void
    {
        $variant = $this->variant('Teal Tide bottled ink', 0);
        $this->post('/cart', ['variant' => $variant]);
        DB::table('products')->where('title', 'Teal Tide bottled ink')->update(['published' => false]);

        $this->get('/cart')->assertOk()->assertSee('Your cart is empty');
        $this->post('/cart/change', ['variant' => $variant, 'quantity' => 2])
            ->assertRedirect('/cart')
            ->assertSessionHas('said', 'This was not to be had any more and is out of your cart.');
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string, int}> what the form sends besides; which bottle, how
     *     many
     */
    public static function chosen(): iterable
    {
        yield 'nothing to choose is sent: the one that the page shows' => [['quantity' => 2], '30 ml', 2];
        yield 'another was chosen' =>
            [['choice' => ['picker' => '50 ml'], 'quantity' => ['below' => 3], 'buy' => 'below'], '50 ml', 3];
        yield 'two pickers, the first was used' =>
            [['choice' => ['picker' => '50 ml', 'other' => '30 ml']], '50 ml', 1];
        yield 'two pickers, the second was used' =>
            [['choice' => ['picker' => '30 ml', 'other' => '50 ml']], '50 ml', 1];
        yield 'two ways to buy: the number beside the button that was pressed' => [
            ['choice' => ['picker' => '50 ml'], 'quantity' => ['above' => 9, 'below' => 2], 'buy' => 'below'],
            '50 ml',
            2,
        ];
    }

    /** @param  array<string, mixed>  $sent */
    #[DataProvider('chosen')]
    public function test_what_was_chosen_is_what_comes_into_the_cart_also_without_scripts(
        array $sent,
        string $bottle,
        int $quantity,
    ): void {
        $this->post('/cart', $this->form($sent))->assertRedirect('/cart');
        $this->get('/cart')->assertSee("Bottle $bottle")->assertSee('value="'.$quantity.'"', false);
        self::assertSame(1, substr_count((string) $this->get('/cart')->getContent(), 'name="variant"'));
    }

    public function test_where_one_goes_then_is_said_by_the_button_that_was_pressed(): void
    {
        $form = $this->form(['after' => ['above' => 'stay', 'below' => 'checkout'], 'choice' => ['picker' => '50 ml']]);
        $this->post('/cart', $form + ['buy' => 'below'])->assertRedirect('/checkout');
        $this->post('/cart', $form + ['buy' => 'above'])->assertRedirect('/cart');
        $this->post('/cart', $form + ['now' => 'above'])->assertRedirect('/checkout');
    }

    public function test_to_look_at_a_choice_is_not_to_buy_it(): void
    {
        $size = $this->bottle('50 ml');
        $this->post('/cart', $this->form(['choice' => ['picker' => '50 ml'], 'choose' => '1']))
            ->assertRedirect('/p/teal-tide-bottled-ink?'.http_build_query(['o' => [$size[0] => $size[1]]]));
        $this->get('/cart')->assertSee('Your cart is empty');
        $this->get("/p/teal-tide-bottled-ink?o[$size[0]]=$size[1]")->assertSee('£13.50');
    }

    public function test_a_choice_that_is_not_made_is_said_and_nothing_is_put_in(): void
    {
        $size = $this->bottle('50 ml');
        $this->from('/p/teal-tide-bottled-ink')
            ->post('/cart', $this->form(['choice' => ['picker' => [$size[0] => '999999']]]))
            ->assertRedirect('/p/teal-tide-bottled-ink')
            ->assertSessionHas(
                'said',
                'There is no “Teal Tide bottled ink” with all that you chose together. Nothing was added; please '
                    .'choose another.',
            );
        $this->postJson('/cart', $this->form(['choice' => ['picker' => [424242 => '1']]]))
            ->assertStatus(422)
            ->assertJsonPath('count', 0);
        $this->postJson(
            '/cart',
            $this->form(['choice' => 'x', 'quantity' => ['x' => ['y']], 'buy' => ['z'], 'after' => 7]),
        )
            ->assertOk()
            ->assertJsonPath('count', 1);
    }

    public function test_sold_out_is_said_of_the_choice_only_where_there_is_one(): void
    {
        $sold = $this->variant('Teal Tide bottled ink', 0);
        DB::table('variants')->where('id', $sold)->update(['stock' => 0]);
        $this->postJson('/cart', ['variant' => $sold])
            ->assertStatus(422)
            ->assertJsonPath('message', '“Teal Tide bottled ink” is sold out in this choice. Nothing was added.');
        $this->get('/p/teal-tide-bottled-ink?'.http_build_query(
            ['o' => [$this->bottle('30 ml')[0] => $this->bottle('30 ml')[1]]],
        ))->assertSee('Sold out in this choice.');
        DB::table('variants')->where('id', $this->variant('Gift card', 0))->update(['stock' => 0]);
        DB::table('variants')->where('id', '<>', $this->variant('Gift card', 0))
            ->where('product_id', $this->id('products', 'Gift card'))
            ->delete();
        $this->postJson('/cart', ['variant' => $this->variant('Gift card', 0)])
            ->assertStatus(422)
            ->assertJsonPath('message', '“Gift card” is sold out. Nothing was added.');
        $this->get('/p/gift-card')
            ->assertSee('Sold out. Have a look at what else there is')
            ->assertDontSee('in this choice');
    }

    /**
     * @param  array<string, mixed>  $sent  choices as the words of a bottle
     * @return array<string, mixed>
     */
    private function form(array $sent): array
    {
        foreach (is_array($sent['choice'] ?? null) ? $sent['choice'] : [] as $picker => $choice) {
            $sent['choice'][$picker] = is_string($choice)
                ? [$this->bottle($choice)[0] => (string) $this->bottle($choice)[1]]
                : $choice;
        }

        return ['variant' => $this->variant('Teal Tide bottled ink', 0)] + $sent;
    }

    /** @return array{int, int} the option and its value */
    private function bottle(string $words): array
    {
        $row = DB::table('option_values')->where('label', $words)
            ->join('variant_values', 'option_value_id', '=', 'option_values.id')
            ->join('variants', 'variants.id', '=', 'variant_id')
            ->where('product_id', $this->id('products', 'Teal Tide bottled ink'))
            ->first(['option_values.option_id', 'option_values.id']);
        self::assertNotNull($row);

        return [(int) $row->option_id, (int) $row->id];
    }

    private function variant(string $product, int $position): int
    {
        return (int) DB::table('variants')->where('product_id', $this->id('products', $product))
            ->where('position', $position)
            ->value('id');
    }
}
