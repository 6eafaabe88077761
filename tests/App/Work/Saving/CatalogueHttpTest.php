<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Saving;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Doors\Shapes\Shapes;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Tests\App\Doors\Shapes\Conforming;
use Vestibra\Tests\App\TestCase;

final class CatalogueHttpTest extends TestCase
{
    public function test_a_title_suggests_an_address_name_that_is_free(): void
    {
        $asked = fn (string $thing, string $of): mixed => $this->actingAs($this->owner)->getJson('/studio/address-name?'
            .http_build_query(['thing' => $thing, 'of' => $of]))->assertOk()->json('name');
        self::assertSame('lodz-ink', $asked('product', 'Łódź ink'));
        self::assertSame('kohlers-strasse-50-ml', $asked('brand', '  Köhler’s “Straße”, 50 ml '));
        self::assertSame('teal-tide-bottled-ink-2', $asked('product', 'Teal Tide bottled ink'));
        self::assertSame(
            'teal-tide-bottled-ink',
            $asked('category', 'Teal Tide bottled ink'),
            'Of its own kind alone.',
        );
        self::assertSame('', $asked('product', '!!!'));
        self::assertSame('ink', $asked('option', 'Ink'));
        self::assertSame('ink', $asked('nothing', 'Ink'));
    }

    public function test_a_brand_is_renamed_its_old_address_leads_on_in_one_hop_and_it_is_taken_back(): void
    {
        $id = $this->id('brands', 'Ostrelve');
        $this->save(
            [['thing' => 'brand', 'id' => $id, 'before' => ['slug' => 'ostrelve'], 'after' => ['slug' => 'middle']]],
        )->assertOk();
        $saved = $this->save([[
            'thing' => 'brand',
            'id' => $id,
            'before' => ['name' => 'Ostrelve', 'slug' => 'middle'],
            'after' => ['name' => 'Ostrelve & Daughters', 'slug' => 'ostrelve-and-daughters'],
        ]])->assertOk();

        self::assertSame('Ostrelve & Daughters', $saved->json("stands.brand/$id.name"));
        $this->get('/brand/ostrelve?page=2')
            ->assertStatus(301)
            ->assertHeader('Location', '/brand/ostrelve-and-daughters?page=2');
        $this->get('/brand/middle')->assertRedirect('/brand/ostrelve-and-daughters');
        $this->get('/brand/nobody')->assertNotFound();
        $this->get('/search?q=daughters')->assertSee('href="/p/', false);

        $this->takeBack($saved->json('entry'))->assertOk();
        $this->get('/brand/middle')->assertOk();
        $this->get('/brand/ostrelve')->assertRedirect('/brand/middle');
        self::assertSame('Ostrelve', DB::table('brands')->where('id', $id)->value('name'));
    }

    public function test_categories_products_and_collections_lead_on_too(): void
    {
        foreach ([
            'category' => ['categories', 'c'],
            'product' => ['products', 'p'],
            'collection' => ['collections', 'collection'],
        ] as $thing => [$table, $path]) {
            $row = DB::table($table)->orderBy('id')->first();
            $this->save([[
                'thing' => $thing,
                'id' => $row->id ?? 0,
                'before' => ['slug' => $row->slug ?? ''],
                'after' => ['slug' => "new-$thing"],
            ]])->assertOk();

            $this->get("/$path/".($row->slug ?? ''))->assertRedirect("/$path/new-$thing");
            $this->get("/$path/new-$thing")->assertOk();
        }
    }

    public function test_an_address_that_several_had_leads_to_whoever_had_it_last(): void
    {
        $ids = DB::table('brands')->orderBy('id')->limit(3)->pluck('slug', 'id')->all();
        self::assertCount(3, $ids);
        foreach ($ids as $id => $slug) {
            foreach ([[$slug, 'shared-name'], ['shared-name', "$slug-now"]] as [$before, $after]) {
                $this->actingAs($this->owner)->postJson('/studio/catalogue/save', [
                    'knowingly' => true,
                    'changes' => [[
                        'thing' => 'brand', 'id' => $id, 'before' => ['slug' => $before], 'after' => ['slug' => $after],
                    ]],
                ])->assertOk();
            }
            $this->get('/brand/shared-name')->assertStatus(301)->assertRedirect("/brand/$slug-now");
        }
    }

    public function test_a_price_that_leaps_tenfold_is_said_before_it_is_saved_and_an_ordinary_one_is_not(): void
    {
        $variant = DB::table('variants')->where('sku', 'LF-0001-01')->first(['id', 'price']);
        self::assertSame(950, (int) $variant?->price);
        $foresee = fn (mixed $price): mixed =>
            $this->actingAs($this->owner)->postJson('/studio/catalogue/foresee', ['changes' => [[
                'thing' => 'variant',
                'id' => $variant->id,
                'before' => ['price' => 950],
                'after' => ['price' => $price],
            ]]])
                ->assertOk()
                ->json('leaps');
        foreach (['95' => 'becomes £95.00', '0.95' => 'becomes £0.95', '950' => 'becomes £950.00'] as $price =>
            $words) {
            self::assertSame(["Price of LF-0001-01: £9.50 $words."], $foresee((string) $price));
        }
        foreach (['94.99', '0.96', '10', '9.5'] as $price) {
            self::assertSame([], $foresee($price), $price);
        }
        self::assertSame(950, (int) DB::table('variants')->where('id', $variant->id)->value('price'));
    }

    public function test_what_is_wrong_is_said_beside_its_field(): void
    {
        $variant = DB::table('variants')->orderBy('id')->first();
        $answer = $this->save([[
            'thing' => 'variant',
            'id' => $variant->id ?? 0,
            'before' => ['price' => $variant->price ?? 0],
            'after' => ['price' => '1,234'],
        ]]);

        $answer->assertStatus(422)->assertJsonPath('problems.0.path', 'variant/'.($variant->id ?? 0).'/price')
            ->assertJsonPath(
                'message',
                '“1,234” can be read as 1234 or as 1.23. Write which one is meant. Nothing was saved yet.',
            );
    }

    public function test_two_windows_are_told_both_values(): void
    {
        $this->save(
            [['thing' => 'product', 'id' => 1, 'before' => ['brand' => $this->brand(1)], 'after' => ['brand' => null]]],
        )->assertOk();
        $answer = $this->save(
            [['thing' => 'product', 'id' => 1, 'before' => ['brand' => 3], 'after' => ['brand' => 2]]],
        )->assertStatus(409);

        $answer->assertJsonPath('crossed.0.field', 'brand')->assertJsonPath('crossed.0.theirWords', 'empty')
            ->assertJsonPath('crossed.0.yourWords', DB::table('brands')->where('id', 2)->value('name'));
    }

    public function test_foreseeing_says_what_moves_and_changes_nothing(): void
    {
        $changes = [[
            'thing' => 'product', 'id' => 1, 'before' => ['published' => true], 'after' => ['published' => false],
        ]];
        $foreseen = $this->actingAs($this->owner)
            ->postJson('/studio/catalogue/foresee', ['changes' => $changes])
            ->assertOk();

        self::assertSame(1, $foreseen->json('moves.gone'));
        self::assertSame(1, DB::table('products')->where('id', 1)->value('published'));
        self::assertSame(0, DB::table('catalogue_entries')->count());
    }

    /** @return iterable<string, array{string, string}> */
    public static function things(): iterable
    {
        yield 'a brand' => ['brand', 'brands'];
        yield 'a collection' => ['collection', 'collections'];
        yield 'a tag' => ['tag', 'tags'];
        yield 'a category without any beneath' => ['category', 'categories'];
    }

    #[DataProvider('things')]
    public function test_one_page_that_comes_or_goes_is_one_under_whatever_header(string $thing, string $table): void
    {
        $this->actingAs($this->owner);
        $header = $this->app->make(Templates::class)->fromStart('For inks', 'quiet', $this->owner, PageKind::Header);
        self::assertInstanceOf(Template::class, $header);
        $this->edit($header, [
            'edit' => 'reach',
            'reach' => [
                'format' => 2,
                'show' => [[[
                    'field' => 'page-kind',
                    'comparison' => 'isOneOf',
                    'values' => ['brand', 'collection', 'tag', 'category'],
                ]]],
                'keepOff' => [],
            ],
        ]);
        $this->publish($header);
        $row = (array) DB::table($table)
            ->when($thing === 'category', static fn ($query) => $query->whereRaw('upper - lower <= 1'))
            ->orderByDesc('id')
            ->first();
        $fields = ['name' => $row['name'], 'slug' => $row['slug']];
        $gone = $this->postJson(
            '/studio/catalogue/foresee',
            ['changes' => [['thing' => $thing, 'id' => $row['id'], 'before' => $fields, 'after' => null]]],
        )->assertOk();
        self::assertSame(1, $gone->json('moves.gone'));
        $comes = $this->postJson('/studio/catalogue/foresee', ['changes' => [[
            'thing' => $thing,
            'id' => -1,
            'before' => null,
            'after' => ['name' => 'Brand new', 'slug' => 'brand-new'],
        ]]])->assertOk();
        self::assertSame(
            [[$thing, 1]],
            array_map(
                static fn (array $one): array => [$one['pageKind'], $one['count']],
                $comes->json('moves.arrivals'),
            ),
        );
    }

    public function test_the_history_says_who_when_what_from_and_what_to(): void
    {
        $brand = $this->brand(1);
        $this->save([['thing' => 'product', 'id' => 1, 'before' => ['brand' => $brand], 'after' => ['brand' => null]]]);
        $page = $this->actingAs($this->owner)->getJson('/studio/catalogue/entries?thing=product&id=1')->assertOk();

        self::assertNull((new Conforming(Shapes::ofProject()))->to('EntryPage', $page->json()));
        $page->assertJsonPath('entries.0.by', 'Robin')->assertJsonPath('entries.0.lines.0', [
            'name' => DB::table('products')->where('id', 1)->value('title'), 'field' => 'brand',
            'from' => DB::table('brands')->where('id', $brand)->value('name'), 'to' => 'empty',
        ]);
        $this->takeBack($page->json('entries.0.id'))->assertOk();
        $this->getJson('/studio/catalogue/entries')->assertJsonPath('entries.0.takesBack', $page->json('entries.0.id'))
            ->assertJsonPath('entries.1.takenBack', true)
            ->assertJsonPath('total', 2);
        $this->getJson('/studio/catalogue/entries?thing=product&id=2')->assertJsonPath('total', 0);
        $this->get('/studio/catalogue/history')->assertOk();
        self::assertSame($brand, $this->brand(1));
    }

    public function test_facts_and_pictures_are_saved_through_the_same_door(): void
    {
        $fact = (int) DB::table('facts')->where('name', 'Drying time')->value('id');
        $was = DB::table('fact_values')->where('product_id', 1)->where('fact_id', $fact)->pluck('written')->all();
        $this->actingAs($this->owner)->postJson('/studio/facts/values', ['changes' => [[
            'product' => 1, 'fact' => $fact, 'written' => ['77'], 'before' => $was,
        ]]])->assertOk();
        $pictures = DB::table('product_pictures')->where('product_id', 1)
            ->orderBy('position')
            ->pluck('picture_id')
            ->all();
        $this->anew();
        $this->postJson('/studio/products/1/pictures', ['ids' => array_reverse($pictures), 'before' => $pictures])
            ->assertOk();
        $log = $this->getJson('/studio/catalogue/entries?thing=product&id=1')->assertJsonPath('total', 2);

        $log->assertJsonPath('entries.1.lines.0.field', 'Drying time')
            ->assertJsonPath('entries.1.lines.0.to', '77')
            ->assertJsonPath('entries.0.lines.0.field', 'pictures');
        foreach ([0, 1] as $place) {
            $this->takeBack($log->json("entries.$place.id"))->assertOk();
        }
        self::assertSame(
            $was,
            DB::table('fact_values')->where('product_id', 1)->where('fact_id', $fact)->pluck('written')->all(),
        );
        self::assertSame(
            $pictures,
            DB::table('product_pictures')->where('product_id', 1)->orderBy('position')->pluck('picture_id')->all(),
        );
        $this->save([[
            'thing' => 'product', 'id' => 1, 'before' => ["fact:$fact" => $was],
            'after' => ["fact:$fact" => ['<script>']],
        ]])->assertStatus(422);
    }

    public function test_what_is_gone_after_taking_back_is_said(): void
    {
        $made = $this->save(
            [['thing' => 'tag', 'id' => -1, 'before' => null, 'after' => ['name' => 'Dusk', 'slug' => 'dusk']]],
        )->assertOk();
        $key = 'tag/'.$made->json('numbers.tag/-1');

        self::assertSame('Dusk', $made->json("stands.$key.name"));
        self::assertSame([$key => null], $this->takeBack($made->json('entry'))->assertOk()->json('stands'));
    }

    public function test_what_was_amiss_before_does_not_stand_in_the_way_of_other_fields(): void
    {
        DB::table('category_product')->where('product_id', 1)->delete();
        $pictures = DB::table('product_pictures')->where('product_id', 1)
            ->orderBy('position')
            ->pluck('picture_id')
            ->all();
        $this->actingAs($this->owner)
            ->postJson('/studio/products/1/pictures', ['ids' => array_reverse($pictures), 'before' => $pictures])
            ->assertOk();

        self::assertSame(
            array_reverse($pictures),
            DB::table('product_pictures')->where('product_id', 1)->orderBy('position')->pluck('picture_id')->all(),
        );
        $this->save(
            [['thing' => 'product', 'id' => 1, 'before' => ['mainCategory' => null], 'after' => ['mainCategory' => 3]]],
        )->assertStatus(409);
    }

    public function test_answers_have_the_shape_that_was_promised(): void
    {
        $conforming = new Conforming(Shapes::ofProject());
        $saved = $this->save([
            ['thing' => 'tag', 'id' => -1, 'before' => null, 'after' => ['name' => 'Dusk', 'slug' => 'dusk']],
            ['thing' => 'product', 'id' => 1, 'before' => ['published' => true], 'after' => ['published' => false]],
        ]);
        self::assertNull($conforming->to('CatalogueSaved', $saved->json()));
        $crossed = $this->save([
            ['thing' => 'product', 'id' => 1, 'before' => ['published' => true], 'after' => ['published' => false]],
            ['thing' => 'tag', 'id' => 999, 'before' => ['name' => 'a'], 'after' => ['name' => 'b']],
        ]);
        foreach ((array) $crossed->json('crossed') as $one) {
            self::assertNull($conforming->to('CatalogueCrossed', $one));
        }
        $crossed->assertStatus(409)->assertJsonPath('message', 'This tag was deleted meanwhile. Nothing was saved.');
    }

    public function test_whoever_may_only_look_may_not_save(): void
    {
        $viewer = User::query()->create(
            ['name' => 'Ada', 'email' => 'ada@larkfold.example', 'password' => 'ink-on-paper', 'role' => User::VIEWER],
        );
        foreach (['save', 'foresee', 'entries/1/take-back'] as $door) {
            $this->actingAs($viewer)->postJson("/studio/catalogue/$door", ['changes' => []])->assertForbidden();
        }
        $this->actingAs($viewer)->getJson('/studio/catalogue/entries')->assertOk();
    }

    public function test_the_short_description_is_safe_rich_text_and_plain_words_where_no_marks_can_be(): void
    {
        $before = DB::table('products')->where('id', 1)->value('short_description');
        $slug = (string) DB::table('products')->where('id', 1)->value('slug');
        $this->save([[
            'thing' => 'product',
            'id' => 1,
            'before' => ['shortDescription' => $before],
            'after' => [
                'shortDescription' =>
                    '<p onclick="x()">A <strong>vermilion</strong></p><p>ink.</p><script>alert(1)</script>',
            ],
        ]])->assertOk();

        self::assertSame(
            '<p>A <strong>vermilion</strong></p><p>ink.</p>',
            DB::table('products')->where('id', 1)->value('short_description'),
        );
        $this->get("/p/$slug")
            ->assertSee('<p>A <strong>vermilion</strong></p><p>ink.</p>', false)
            ->assertSee('<meta name="description" content="A vermilion ink."', false);
        $this->get('/search?q=vermilion')->assertSee("/p/$slug", false);
        $this->save([[
            'thing' => 'product',
            'id' => 1,
            'before' => ['shortDescription' => '<p>A <strong>vermilion</strong></p><p>ink.</p>'],
            'after' => ['shortDescription' => '<p> &nbsp;</p>'],
        ]])->assertOk();
        self::assertSame(
            '',
            DB::table('products')->where('id', 1)->value('short_description'),
            'Marks without words are nothing.',
        );
    }

    public function test_search_engines_are_told_what_the_owner_wrote_for_them(): void
    {
        $slug = (string) DB::table('products')->where('id', 1)->value('slug');
        $this->get("/p/$slug")->assertSee(
            '<meta name="description" content="'.e(
                strip_tags((string) DB::table('products')->where('id', 1)->value('short_description')),
            ).'"',
            false,
        );
        $this->save([[
            'thing' => 'product',
            'id' => 1,
            'before' => ['searchTitle' => '', 'searchDescription' => ''],
            'after' => ['searchTitle' => 'Ink <by> post', 'searchDescription' => 'Say "teal"'],
        ]])->assertOk();

        $this->get("/p/$slug")
            ->assertSee('<title>Ink &lt;by&gt; post · Larkfold</title>', false)
            ->assertSee('content="Say &quot;teal&quot;"', false);
    }

    private function brand(int $product): mixed
    {
        return DB::table('products')->where('id', $product)->value('brand_id');
    }

    /**
     * @param  list<array<string, mixed>>  $changes
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function save(array $changes): TestResponse
    {
        $this->anew();

        return $this->actingAs($this->owner)->postJson('/studio/catalogue/save', ['changes' => $changes]);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function takeBack(mixed $entry): TestResponse
    {
        $this->anew();
        self::assertIsInt($entry);

        return $this->actingAs($this->owner)->postJson("/studio/catalogue/entries/$entry/take-back");
    }
}
