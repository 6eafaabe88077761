<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Shop;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Models\User;
use Vestibra\Tests\App\TestCase;

/** Money and measures, set for the whole shop. */
final class MoneyTest extends TestCase
{
    private const GBP = ['currency' => 'GBP', 'tax' => 'none', 'rate' => '', 'volume' => 'ml', 'weight' => 'g'];

    public function test_what_is_set_customers_read_beside_prices_and_in_the_cart(): void
    {
        $variant = (int) DB::table('variants')->join('products', 'products.id', '=', 'product_id')
            ->where('slug', 'teal-tide-bottled-ink')
            ->orderBy('position')
            ->value('variants.id');
        DB::table('variants')->where('id', $variant)->update(['contents' => '30 ml']);
        $this->get('/p/teal-tide-bottled-ink')->assertDontSee('with tax')->assertSee('£31.67 for 100 ml');

        $this->set(['tax' => 'included', 'rate' => '5,5 %', 'volume' => 'l'])->assertOk()
            ->assertJsonPath('settings.rate', '5.5')
            ->assertJsonPath('entry', 0);
        $this->get('/p/teal-tide-bottled-ink')->assertSee('with 5.5 % tax')->assertSee('£316.67 for 1 l');
        $this->post('/cart', ['variant' => $variant, 'quantity' => 1]);
        $this->get('/cart')->assertSee('with 5.5 % tax');
        $this->get('/checkout')->assertSee('with 5.5 % tax');

        $this->set(
            ['tax' => 'added', 'rate' => ''],
            ['tax' => 'included', 'rate' => '5.5', 'volume' => 'l'] + self::GBP,
        )->assertOk();
        $this->get('/p/teal-tide-bottled-ink')->assertSee('plus tax')->assertDontSee('with 5.5');
    }

    public function test_another_currency_keeps_the_figures_and_is_taken_back_as_one(): void
    {
        $before = DB::table('variants')->orderBy('id')->get(['id', 'price', 'sale_price'])->all();
        $price = (int) DB::table('variants')->where('id', $before[0]->id)->value('price');
        $this->set(['currency' => 'EUR'])->assertOk()->assertJsonPath('entry', 0);
        self::assertEquals($before, DB::table('variants')->orderBy('id')->get(['id', 'price', 'sale_price'])->all());
        $this->get('/p/teal-tide-bottled-ink')->assertSee('€');

        $entry = $this->set(['currency' => 'JPY'], ['currency' => 'EUR'] + self::GBP)->assertOk()->json('entry');
        self::assertIsInt($entry);
        self::assertGreaterThan(0, $entry);
        self::assertSame((int) round($price / 100), DB::table('variants')->where('id', $before[0]->id)->value('price'));
        self::assertSame(0, DB::table('variants')->whereColumn('sale_price', '>=', 'price')->count());
        $this->getJson('/studio/catalogue/entries')
            ->assertJsonPath('entries.0.words', 'The figures of all prices in JPY instead of EUR');

        $this->set(['currency' => 'EUR', 'takeBack' => $entry], ['currency' => 'JPY'] + self::GBP)->assertOk();
        self::assertEquals($before, DB::table('variants')->orderBy('id')->get(['id', 'price', 'sale_price'])->all());
        $this->set(['currency' => 'KWD'], ['currency' => 'EUR'] + self::GBP)->assertOk();
        self::assertSame($price * 10, DB::table('variants')->where('id', $before[0]->id)->value('price'));
    }

    public function test_taking_it_back_does_not_overwrite_a_price_that_changed_since(): void
    {
        $entry = $this->set(['currency' => 'JPY'])->json('entry');
        DB::table('variants')->limit(1)->update(['price' => 77]);

        $this->set(['currency' => 'GBP', 'takeBack' => $entry], ['currency' => 'JPY'] + self::GBP)->assertStatus(409);
        $this->actingAs($this->owner)->get('/studio/catalogue/money')->assertSee('JPY');
        self::assertSame(
            '{"currency":"JPY","tax":"none","rate":"","volume":"ml","weight":"g"}',
            DB::table('shop_settings')->where('name', 'money')->value('value'),
        );
    }

    public function test_what_cannot_be_is_said_and_nothing_is_set(): void
    {
        $this->set(['currency' => 'XXX'])
            ->assertStatus(422)
            ->assertJsonPath('problems.0.code', 'money.unknown-currency');
        $this->set(['rate' => '120'])->assertStatus(422)->assertJsonPath('problems.0.code', 'money.not-a-rate');
        $this->set(['tax' => 'perhaps'])->assertStatus(422)->assertJsonPath('problems.0.code', 'money.not-a-choice');
        $this->set(['volume' => 'gallon'])->assertStatus(422);
        $this->set(['rate' => ['x']])->assertStatus(200);
        $this->set(['tax' => 'added'], ['tax' => 'included'] + self::GBP)->assertStatus(409);
        $viewer = User::query()->create(
            ['name' => 'V', 'email' => 'v@larkfold.example', 'password' => 'paper-and-ink', 'role' => User::VIEWER],
        );
        $this->actingAs($viewer)
            ->postJson('/studio/catalogue/money', ['currency' => 'EUR'] + self::GBP)
            ->assertForbidden();
        $this->actingAs($viewer)->get('/studio/catalogue/money')->assertOk();
    }

    public function test_the_rules_that_ask_for_a_price_are_named(): void
    {
        $template = $this->template('Dear things');
        $this->edit($template, [
            'edit' => 'reach',
            'reach' => [
                'format' => 2,
                'show' => [[['field' => 'price', 'comparison' => 'atLeast', 'values' => [2000]]]],
                'keepOff' => [],
            ],
        ]);

        $this->set(['tax' => 'added'])->assertJsonPath('rules', fn (mixed $rules): bool => is_array($rules)
            && in_array('Dear things', $rules, true));
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, string>  $seen
     */
    private function set(array $values, array $seen = self::GBP): \Illuminate\Testing\TestResponse
    {
        $this->anew();
        $answer = $this->actingAs($this->owner)
            ->postJson('/studio/catalogue/money', $values + $seen + ['seen' => $seen]);
        $this->anew();

        return $answer;
    }
}
