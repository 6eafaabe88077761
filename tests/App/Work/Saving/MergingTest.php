<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Saving;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\Verdicts;
use Vestibra\App\Records\Models\User;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Tests\App\TestCase;

/** Two of a kind become one. */
final class MergingTest extends TestCase
{
    private const TABLES = [
        'category' => 'categories', 'collection' => 'collections', 'brand' => 'brands', 'tag' => 'tags',
        'option' => 'options',
    ];

    public function test_a_brand_that_is_merged_leaves_its_products_its_rules_and_its_addresses_to_the_other(): void
    {
        [$from, $into] = [$this->id('brands', 'Hallorme'), $this->id('brands', 'Pellinray')];
        $products = DB::table('products')->where('brand_id', $from)->pluck('slug')->all();
        $others = DB::table('products')->where('brand_id', $into)->where('published', 1)->pluck('slug')->all();
        self::assertNotSame([], $products);
        $template = $this->template('Of Hallorme');
        $this->edit($template, $this->reach([['brand', 'isOneOf', [$from]]]));
        $this->publish($template);
        $rule = [
            'format' => 2,
            'show' => [[['field' => 'brand', 'comparison' => 'isOneOf', 'values' => [$from]]]],
            'keepOff' => [],
            'season' => [],
            'goesFirst' => false,
        ];
        $collection = DB::table('collections')->insertGetId([
            'name' => 'All Hallorme',
            'name_folded' => 'all hallorme',
            'slug' => 'all-hallorme',
            'rule' => json_encode($rule),
        ]);
        self::assertSame($template->id, $this->templateOf((string) $products[0]));
        self::assertNotSame($template->id, $this->templateOf((string) $others[0]));
        $before = $this->everything();

        $foreseen = $this->merge('brand', $from, ['into' => $into, 'foresee' => true])->assertOk();
        self::assertSame(count($others), $foreseen->json('moves.moved'));
        self::assertSame($before, $this->everything());
        $entry = $this->merge('brand', $from, ['into' => $into])->assertOk()->json('entry');

        self::assertSame(0, DB::table('products')->where('brand_id', $from)->count());
        self::assertFalse(DB::table('brands')->where('id', $from)->exists());
        self::assertSame($template->id, $this->templateOf((string) $products[0]));
        self::assertSame($template->id, $this->templateOf((string) $others[0]), 'What names the one means the other.');
        $this->get('/brand/hallorme')->assertStatus(301)
            ->assertRedirect('/brand/pellinray')
            ->assertHeader('Cache-Control', 'no-cache, private');
        $this->get('/collection/all-hallorme')->assertOk();
        $uses = $this->actingAs($this->owner)->getJson("/studio/catalogue/brand/$into/uses")->assertOk();
        self::assertSame(
            [['Of Hallorme'], ['All Hallorme']],
            [array_column($uses->json('rules'), 'name'), $uses->json('collections')],
        );
        $this->get("/studio/templates/$template->id")->assertOk()->assertSee('Pellinray');
        self::assertGreaterThan(0, $collection);

        $this->anew();
        $this->postJson("/studio/catalogue/entries/$entry/take-back")->assertOk();
        self::assertSame($before, $this->everything());
        $this->anew();
        $this->get('/brand/hallorme')->assertOk();
        self::assertNotSame($template->id, $this->templateOf((string) $others[0]));
    }

    public function test_nothing_is_merged_into_itself(): void
    {
        $inks = $this->id('categories', 'Inks');
        foreach ([true, false] as $foresee) {
            $this->merge('category', $inks, ['into' => $inks, 'foresee' => $foresee])
                ->assertStatus(422)
                ->assertJsonPath(
                    'message',
                    'A category cannot be merged into itself. Nothing was changed; choose another category.',
                );
        }
        self::assertSame($inks, $this->id('categories', 'Inks'));
    }

    public function test_whatever_is_merged_is_taken_back_to_the_byte(): void
    {
        foreach ([
            'brand' => ['Hallorme', 'Pellinray'],
            'tag' => ['gift', 'everyday'],
            'category' => ['Ink cartridges', 'Bottled inks'],
            'collection' => ['For left-handers', 'Everything teal'],
            'option' => ['Cover', 'Colour'],
        ] as $thing => [$one, $other]) {
            $this->anew();
            $before = $this->everything();
            $entry = $this->merge($thing, $this->id(self::TABLES[$thing], $one), ['into' => $this
                ->id(self::TABLES[$thing], $other)])
                ->assertOk()
                ->json('entry');
            self::assertNotSame($before, $this->everything());
            $this->anew();
            $this->actingAs($this->owner)->postJson("/studio/catalogue/entries/$entry/take-back")->assertOk();
            self::assertSame($before, $this->everything(), $thing);
        }
    }

    public function test_what_stood_in_a_category_stands_in_the_other(): void
    {
        [$inks, $paper] = [$this->id('categories', 'Inks'), $this->id('categories', 'Paper')];
        $children = DB::table('categories')->where('parent_id', $inks)->orderBy('position')->pluck('id')->all();
        $product = DB::table('products')->insertGetId([
            'slug' => 'x', 'title' => 'X', 'title_folded' => 'x', 'main_category_id' => $inks,
            'added_at' => '2026-01-01 00:00:00',
        ]);
        DB::table('category_product')->insert(
            [['product_id' => $product, 'category_id' => $inks], ['product_id' => $product, 'category_id' => $paper]],
        );

        $this->merge('category', $inks, ['into' => $paper])->assertOk();

        self::assertSame($paper, DB::table('products')->where('id', $product)->value('main_category_id'));
        self::assertSame(
            [$paper],
            DB::table('category_product')->where('product_id', $product)->pluck('category_id')->all(),
        );
        self::assertSame(
            $children,
            array_values(array_intersect(
                DB::table('categories')->where('parent_id', $paper)->orderBy('position')->pluck('id')->all(),
                $children,
            )),
        );
        $this->get('/c/inks')->assertRedirect('/c/paper');
    }

    public function test_merged_and_merged_again_everything_leads_to_what_is_left_in_one_hop(): void
    {
        $ids = array_map(fn (string $name): int => $this->id('tags', $name), ['gift', 'everyday', 'letters']);
        $template = $this->template('Presents');
        $this->edit($template, $this->reach([['tag', 'hasAnyOf', [$ids[0]]]]));
        $this->publish($template);
        $this->merge('tag', $ids[0], ['into' => $ids[1]])->assertOk();
        $this->anew();
        $this->merge('tag', $ids[1], ['into' => $ids[2]])->assertOk();

        self::assertEqualsCanonicalizing(
            [[$ids[0], $ids[2]], [$ids[1], $ids[2]]],
            array_map(
                static fn (object $row): array => [$row->merged_id, $row->tag_id],
                DB::select('select * from merged_tags'),
            ),
        );
        $this->anew();
        $slug = (string) DB::table('product_tag')->join('products', 'products.id', '=', 'product_id')
            ->where('published', 1)
            ->where('tag_id', $ids[2])
            ->value('slug');
        self::assertSame($template->id, $this->templateOf($slug));
    }

    public function test_collections_picked_by_hand_are_put_one_behind_the_other(): void
    {
        [$from, $into] = [$this->id('collections', 'For left-handers'), $this->id('collections', 'Everything teal')];
        $of = static fn (int $id): array =>
            DB::table('collection_product')->where('collection_id', $id)
                ->orderBy('position')
                ->pluck('product_id')
                ->all();
        $wanted = array_values(array_unique([...$of($into), ...$of($from)]));

        $this->merge('collection', $from, ['into' => $into])->assertOk();
        self::assertSame($wanted, $of($into));
        $this->get('/collection/for-left-handers')->assertRedirect('/collection/everything-teal');
    }

    public function test_two_options_become_one_and_so_do_their_values_of_the_same_name(): void
    {
        [$cover, $colour] = [$this->id('options', 'Cover'), $this->id('options', 'Colour')];
        [$brick, $plum, $other] =
            [$this->value($cover, 'Brick'), $this->value($cover, 'Plum'), $this->value($colour, 'Plum')];
        $of = static fn (int $value): array =>
            DB::table('variant_values')->where('option_value_id', $value)
                ->orderBy('variant_id')
                ->pluck('variant_id')
                ->all();
        [$withBrick, $withPlum, $both] = [$of($brick), $of($plum), [...$of($plum), ...$of($other)]];
        self::assertNotSame([], $withPlum);
        $slug = (string) DB::table('variants')->join('products', 'products.id', '=', 'product_id')
            ->where('products.published', 1)
            ->whereIn('variants.id', $withPlum)
            ->value('slug');
        $template = $this->template('In plum');
        $this->edit($template, [
            'edit' => 'reach',
            'reach' => [
                'format' => 2,
                'keepOff' => [],
                'show' => [[
                    ['field' => 'option', 'comparison' => 'offers', 'values' => [$cover]],
                    ['field' => 'option', 'comparison' => 'offersValue', 'values' => [$plum]],
                ]],
            ],
        ]);
        $this->publish($template);
        self::assertSame($template->id, $this->templateOf($slug));
        $pens = DB::table('products')->where('published', 1)->whereIn(
            'id',
            DB::table('variants')->where('published', 1)->whereIn('id', $of($other))->pluck('product_id'),
        )->count();
        self::assertGreaterThan(0, $pens);

        $foreseen = $this->merge('option', $cover, ['into' => $colour, 'foresee' => true])->assertOk();
        self::assertSame(
            $pens,
            $foreseen->json('moves.moved'),
            'What was offered in another plum falls under the rule as well.',
        );
        $done = $this->merge('option', $cover, ['into' => $colour])->assertOk();

        self::assertSame('“Cover” merged into “Colour”', $done->json('words'));
        sort($both);
        self::assertSame([$withBrick, [], $both], [$of($brick), $of($plum), $of($other)]);
        self::assertSame(
            [$colour],
            DB::table('variant_values')->whereIn('variant_id', [...$withBrick, ...$withPlum])
                ->whereIn('option_id', [$cover, $colour])
                ->distinct()
                ->pluck('option_id')
                ->all(),
        );
        self::assertSame(
            ['Brick', 'Ink', 'Oat'],
            DB::table('option_values')->where('option_id', $colour)->orderByDesc('position')->limit(3)->pluck(
                'label',
            )->sort()->values()->all(),
        );
        self::assertSame($template->id, $this->templateOf($slug));
        $this->get("/p/$slug")->assertOk()->assertSee('Colour');
        $this->actingAs($this->owner)->get("/studio/templates/$template->id")->assertOk()->assertSee('Plum');

        $this->postJson("/studio/catalogue/entries/{$done->json('entry')}/take-back")
            ->assertOk()
            ->assertJsonPath('words', '“Cover” and “Colour” are two again');
        self::assertSame([$withBrick, $withPlum], [$of($brick), $of($plum)]);
        self::assertSame(
            [$cover],
            DB::table('variant_values')->whereIn('option_value_id', [$brick, $plum])
                ->distinct()
                ->pluck('option_id')
                ->all(),
        );
    }

    public function test_two_values_of_an_option_become_one_unless_a_product_offers_both(): void
    {
        $colour = $this->id('options', 'Colour');
        [$navy, $moss] = [$this->value($colour, 'Navy'), $this->value($colour, 'Moss')];
        $new = DB::table('option_values')->insertGetId([
            'option_id' => $colour, 'label' => 'Dark blue', 'label_folded' => 'dark blue', 'position' => 90,
        ]);
        $variant = (int) DB::table('variant_values')->where('option_value_id', $navy)->value('variant_id');
        DB::table('variant_values')->where('variant_id', $variant)
            ->where('option_id', $colour)
            ->update(['option_value_id' => $new]);
        $before = $this->everything();

        $entry = $this->merge('option-value', $new, ['into' => $navy])->assertOk()
            ->assertJsonPath('words', '“Dark blue” merged into “Navy”')
            ->json('entry');
        self::assertSame(
            $navy,
            DB::table('variant_values')->where('variant_id', $variant)
                ->where('option_id', $colour)
                ->value('option_value_id'),
        );
        self::assertFalse(DB::table('option_values')->where('id', $new)->exists());
        $this->actingAs($this->owner)->postJson("/studio/catalogue/entries/$entry/take-back")->assertOk();
        self::assertSame($before, $this->everything());

        $this->anew();
        $this->merge('option-value', $navy, ['into' => $moss])
            ->assertStatus(422)
            ->assertJsonPath('problems.0.code', 'catalogue.variant-twice');
        $this->merge('option-value', $navy, ['into' => $this->value($this->id('options', 'Cover'), 'Moss')])
            ->assertStatus(422)
            ->assertJsonPath('problems.0.code', 'catalogue.merge-other-option');
        self::assertSame($before, $this->everything());
    }

    public function test_options_that_a_product_offers_side_by_side_stay_two(): void
    {
        [$nib, $colour] = [$this->id('options', 'Nib'), $this->id('options', 'Colour')];
        $before = $this->everything();
        $count = (int) DB::scalar(
            'select count(*) from variant_values a join variant_values b on b.variant_id = a.variant_id where '
                .'a.option_id = ? and b.option_id = ?',
            [$nib, $colour],
        );
        self::assertGreaterThan(0, $count);

        $refused = $this->merge('option', $nib, ['into' => $colour])
            ->assertStatus(422)
            ->assertJsonPath('problems.0.code', 'catalogue.options-together');
        self::assertStringContainsString(
            "$count variants would have two values of one option",
            (string) $refused->json('problems.0.message'),
        );
        $this->actingAs($this->owner)->postJson('/studio/catalogue/save', ['changes' => [[
            'thing' => 'option-value',
            'id' => $this->value($nib, 'Broad'),
            'before' => ['option' => $nib],
            'after' => ['option' => $colour],
        ]]])
            ->assertStatus(422)->assertJsonPath('problems.0.code', 'catalogue.options-together');
        $this->postJson('/studio/catalogue/save', ['changes' => [
            ['thing' => 'option-value', 'id' => $this->value($nib, 'Broad'), 'before' => [], 'after' => null],
        ]])
            ->assertStatus(422)->assertJsonPath('problems.0.code', 'catalogue.still-used');
        self::assertSame($before, $this->everything());
    }

    public function test_what_cannot_be_merged_is_said_and_nothing_changes(): void
    {
        $before = $this->everything();
        $inks = $this->id('categories', 'Inks');
        $this->merge('category', $inks, ['into' => $this->id('categories', 'Bottled inks')])
            ->assertStatus(422)
            ->assertJsonPath('problems.0.code', 'catalogue.merge-beneath');
        $this->merge('category', $inks, ['into' => $inks])->assertStatus(422);
        $this->merge('category', $inks, ['into' => 99_999])
            ->assertStatus(422)
            ->assertJsonPath('problems.0.code', 'catalogue.gone');
        $this->merge('category', $inks, ['into' => ['x']])->assertStatus(422);
        $this->merge('collection', $this->id('collections', 'Last pieces'), ['into' => $this
            ->id('collections', 'Everything teal')])
            ->assertStatus(422)
            ->assertJsonPath('problems.0.code', 'catalogue.merge-by-rule');
        $viewer = User::query()->create(
            ['name' => 'V', 'email' => 'v@larkfold.example', 'password' => 'paper-and-ink', 'role' => User::VIEWER],
        );
        $this->actingAs($viewer)->postJson("/studio/catalogue/category/$inks/merge", ['into' => 1])->assertForbidden();
        self::assertSame($before, $this->everything());
    }

    public function test_nobody_says_from_outside_what_was_merged(): void
    {
        $brand = $this->id('brands', 'Pellinray');
        $this->actingAs($this->owner)->postJson('/studio/catalogue/save', ['changes' => [[
            'thing' => 'brand', 'id' => $brand, 'before' => ['mergedFrom' => []], 'after' => ['mergedFrom' => [1]],
        ]]])
            ->assertStatus(422)->assertJsonPath('problems.0.code', 'catalogue.unknown-field');
    }

    private function value(int $option, string $label): int
    {
        return (int) DB::table('option_values')->where('option_id', $option)->where('label', $label)->value('id');
    }

    /** @param  array<string, mixed>  $values */
    private function merge(string $thing, int $id, array $values): TestResponse
    {
        $answer = $this->actingAs($this->owner)->postJson("/studio/catalogue/$thing/$id/merge", $values);
        $this->anew();

        return $answer;
    }

    private function templateOf(string $slug): int
    {
        $this->anew();
        $product = $this->app->make(PagesOfTheShop::class)->get(PageKind::Product)->bySlug($slug);
        self::assertNotNull($product);

        return $this->app->make(Verdicts::class)->of(PageKind::Product, $product)->templateId;
    }

    /** @return array<string, list<mixed>> */
    private function everything(): array
    {
        $all = [];
        foreach (DB::select(
            "select name from sqlite_master where type = 'table' and name not like 'product_words%' and name <> "
                ."'product_vocabulary'",
        ) as $table) {
            if (! in_array(
                $table->name,
                [
                    'catalogue_entries', 'catalogue_entry_things', 'old_address_names', 'sqlite_sequence', 'live_rules',
                    'users', 'indexed_trees', 'tree_names', 'kept_verdicts', 'kept_templates', 'kept_state',
                    'stale_verdicts',
                    'kept_orders', 'kept_orders_state', 'stale_orders', 'kept_counts', 'searched',
                ],
                true,
            )) {
                $rows = array_map(
                    static fn (object $row): array => (array) $row,
                    DB::select("select * from $table->name"),
                );
                sort($rows);
                $all[$table->name] = $rows;
            }
        }

        return $all;
    }
}
