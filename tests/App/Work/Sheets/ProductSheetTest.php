<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Sheets;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Vestibra\App\Records\Models\User;
use Vestibra\Tests\App\TestCase;

/** A product's own page in the catalogue: its pictures in order, and facts of every kind. */
final class ProductSheetTest extends TestCase
{
    private int $teal;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
        $this->teal = $this->id('products', 'Teal Tide bottled ink');
    }

    public function test_it_says_what_the_product_is_and_which_template_lays_out_its_page(): void
    {
        $this->get("/studio/products/$this->teal")->assertOk()
            ->assertSee('Teal Tide bottled ink')
            ->assertSee('"name":"Everything else"', false)
            ->assertSee('"category":"Bottled inks"', false);
        $this->get('/studio/products/99999')->assertNotFound();
    }

    public function test_pictures_stand_in_the_order_that_they_are_given(): void
    {
        $before = $this->pictures();
        $after = array_reverse($before);
        $this->arrange($after, $before)->assertOk()
            ->assertJsonPath('pictures', $after)
            ->assertJsonPath('shown.0.id', $after[0]);
        self::assertSame($after, $this->pictures());
        $this->get('/p/teal-tide-bottled-ink')->assertOk();
        $this->arrange([], $after)->assertOk();
        self::assertSame(
            [0, []],
            [(int) DB::table('products')->where('id', $this->teal)->value('picture_count'), $this->pictures()],
        );
    }

    public function test_two_people_arranging_the_same_pictures_are_told_and_nothing_is_overwritten(): void
    {
        $before = $this->pictures();
        $this->arrange([$before[1], $before[0]], $before)->assertOk();
        $this->arrange([$before[0]], $before)->assertStatus(409)->assertJsonPath('pictures', [$before[1], $before[0]]);
        self::assertSame([$before[1], $before[0]], $this->pictures());
    }

    public function test_a_picture_that_is_gone_twice_the_same_and_too_many_are_refused(): void
    {
        $before = $this->pictures();
        $this->arrange([99_999], $before)
            ->assertStatus(422)
            ->assertJsonPath('message', 'One of these pictures is gone. Nothing was changed; reload the page.');
        $this->arrange([$before[0], $before[0]], $before)->assertStatus(422);
        $this->arrange(DB::table('pictures')->limit(41)->pluck('id')->all(), $before)
            ->assertStatus(422)
            ->assertJsonPath('message', 'A product can have 40 pictures at most. Nothing was changed.');
        $this->postJson('/studio/products/99999/pictures', ['ids' => [], 'before' => []])->assertNotFound();
        self::assertSame($before, $this->pictures());
    }

    public function test_facts_that_name_things_take_what_there_is(): void
    {
        $picture = $this->pictures()[0];
        $others = DB::table('products')->where('id', '!=', $this->teal)->orderBy('id')->limit(2)->pluck('id')->map(
            strval(...),
        )->all();
        $this->fill('In use', [(string) $picture])->assertOk();
        $this->fill('Also try', $others)->assertOk();
        $this->fill('More about it', ['/c/inks'])->assertOk();
        $sheet = (string) $this->get("/studio/products/$this->teal")->assertOk()->getContent();
        self::assertStringContainsString('"/c/inks"', str_replace('\\/', '/', $sheet));
        $this->get('/studio/facts?q=teal')->assertOk();
        self::assertSame(
            [$this->teal],
            array_column($this->getJson("/studio/pictures/$picture/uses")->json('products'), 'id'),
        );
    }

    public function test_facts_that_name_nothing_that_there_is_are_refused_in_words(): void
    {
        $said = fn (string $fact, array $written): ?string =>
            $this->fill($fact, $written)->assertStatus(422)->json('message');
        self::assertSame(
            '“In use” names something that is gone. Choose again on the product’s own page. Nothing was changed.',
            $said('In use', ['99999']),
        );
        self::assertSame(
            '“In use” is chosen on the product’s own page. Nothing was changed.',
            $said('In use', ['a picture']),
        );
        self::assertSame(
            '“In use” takes one value. Nothing was changed.',
            $said('In use', array_map(strval(...), array_slice($this->pictures(), 0, 2))),
        );
        self::assertSame(
            '“Leaflet” names something that is gone. Choose again on the product’s own page. Nothing was changed.',
            $said('Leaflet', ['1']),
        );
        self::assertSame(
            '“More about it” takes a page of the shop, as /c/inks, or an address that begins with https, http, '
                .'mailto or tel. Nothing was changed.',
            $said('More about it', ['javascript:alert(1)']),
        );
        self::assertSame(
            '“Story” is laid out on the drawing table, from the product’s own page. Nothing was changed.',
            $said('Story', ['1']),
        );
    }

    public function test_a_picture_link_and_products_of_a_fact_stand_in_the_page(): void
    {
        $picture = $this->pictures()[2];
        $pen = DB::table('products')->where('slug', 'like', '%fountain-pen')->where('published', true)->first();
        self::assertNotNull($pen);
        $this->fill('In use', [(string) $picture])->assertOk();
        $this->fill('Also try', [(string) $pen->id])->assertOk();
        $this->fill('More about it', ['/c/inks'])->assertOk();
        $template = $this->template();
        $column = $this->block($template, 'column');
        $of = fn (string $fact): int => $this->id('facts', $fact);
        foreach ([
            [
                'id' => 'one',
                'kind' => 'picture',
                'what' => ['picture' => ['source' => 'product.fact-picture', 'of' => $of('In use')]],
            ],
            [
                'id' => 'two',
                'kind' => 'button',
                'what' => ['text' => 'More', 'link' => ['source' => 'product.fact-link', 'of' => $of('More about it')]],
            ],
            ['id' => 'three', 'kind' => 'product-grid', 'what' => ['feed' => 'chosen', 'fact' => $of('Also try')]],
        ] as $node) {
            $this->edit($template, ['edit' => 'insert', 'parent' => $column, 'after' => null, 'node' => $node]);
        }
        $file = DB::table('pictures')->where('id', $picture)->value('file');
        $html = (string) $this->get("/studio/templates/$template->id/canvas/$this->teal")->assertOk()->getContent();
        self::assertMatchesRegularExpression("~data-b=\"one\".{0,200}$file~s", $html);
        self::assertMatchesRegularExpression(
            '~data-b="two".{0,200}href="/c/inks"|href="/c/inks".{0,200}data-b="two"~s',
            $html,
        );
        self::assertStringContainsString("/p/$pen->slug", $html);
        $missing = $this
            ->getJson("/studio/templates/$template->id/missing?lacking=product.fact-picture&of={$of('In use')}")
            ->assertOk()
            ->json();
        self::assertSame($missing['of'] - 1, $missing['missing']);
    }

    public function test_a_viewer_looks_and_changes_nothing(): void
    {
        $this->actingAs(User::query()->create(
            ['name' => 'V', 'email' => 'v@larkfold.example', 'password' => 'look-but-leave', 'role' => User::VIEWER],
        ));
        $this->get("/studio/products/$this->teal")->assertOk();
        $this->arrange([], $this->pictures())->assertForbidden();
        $this->postJson("/studio/products/$this->teal/contents/{$this->id('facts', 'Story')}")->assertForbidden();
    }

    /** @return list<int> */
    private function pictures(): array
    {
        return array_values(DB::table('product_pictures')->where('product_id', $this->teal)
            ->orderBy('position')
            ->pluck('picture_id')
            ->all());
    }

    /**
     * @param  array<int, int>  $ids
     * @param  list<int>  $before
     */
    private function arrange(array $ids, array $before): TestResponse
    {
        return $this->postJson("/studio/products/$this->teal/pictures", ['ids' => $ids, 'before' => $before]);
    }

    /** @param  array<int, string>  $written */
    private function fill(string $fact, array $written): TestResponse
    {
        return $this->postJson('/studio/facts/values', ['changes' => [
            ['product' => $this->teal, 'fact' => $this->id('facts', $fact), 'written' => $written, 'before' => []],
        ]]);
    }
}
