<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Templates;

use DateTimeImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Vestibra\App\PagesOut\CardRoom;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Releases\Making\TemplateDeed;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Releases\Changes;
use Vestibra\Tests\App\TestCase;

/** Cards are templates: what each promise of a template comes to for them. */
final class CardsTest extends TestCase
{
    private const INKS = '/c/bottled-inks';

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
    }

    public function test_a_new_card_is_live_and_stands_nowhere_until_a_grid_chooses_it(): void
    {
        $card = $this->card();
        self::assertSame(['card', 'card', true, false], [
            $card->page_kind, $card->role->value, $card->isLive(), $card->isChanged(),
        ]);
        self::assertSame([], $this->row($card)['places']);
        $this->get(self::INKS)->assertOk()->assertDontSee('quick-buy-button');
        $page = $this->pageWith($card);
        $this->anew();
        $this->get(self::INKS)->assertOk()->assertSee('quick-buy-button');
        $this->get('/c/notebooks')->assertOk()->assertDontSee('quick-buy-button');
        self::assertSame(
            [[$page->name, true, true]],
            array_map(
                static fn (array $place): array => [$place['name'], $place['live'], $place['draft']],
                $this->row($card)['places'],
            ),
        );
        self::assertSame(1, $this->getJson("/studio/cards/$card->id/drawn")->assertOk()->json('state.grids'));
    }

    public function test_a_way_to_buy_on_a_card_is_a_form_of_its_own(): void
    {
        $card = $this->card();
        $this->pageWith($card);
        $this->edit($card, [
            'edit' => 'insert',
            'parent' => $card->draft_tree['page']['id'],
            'after' => null,
            'node' => ['id' => 'buyit', 'kind' => 'buy'],
        ]);
        $this->publish($card);
        $this->anew();

        $this->get(self::INKS)->assertOk()
            ->assertSee('<form class="buy-row" method="post" action="/cart">', false)
            ->assertDontSee('form="buying-', false);
    }

    public function test_a_change_of_a_card_waits_in_its_draft_and_is_released_with_the_pages_it_changes(): void
    {
        $card = $this->card();
        $this->pageWith($card);
        $this->edit($card, [
            'edit' => 'insert',
            'parent' => $card->draft_tree['page']['id'],
            'after' => null,
            'node' => ['id' => 'words', 'kind' => 'text', 'what' => ['text' => 'Said on every card']],
        ]);
        $this->anew();
        $this->get(self::INKS)->assertDontSee('Said on every card');
        $impact = $this->getJson("/studio/templates/$card->id/impact")->assertOk();
        self::assertSame([0, 1, [['category', 1]]], [
            $impact->json('moved'),
            $impact->json('look'),
            array_map(static fn (array $of): array => [$of['pageKind'], $of['look']], $impact->json('kinds')),
        ]);
        $release = $this->postJson('/studio/publish', ['revisions' => $impact->json('revisions'), 'note' => 'Words'])
            ->assertStatus(201)
            ->json('id');
        $this->anew();
        $html = (string) $this->get(self::INKS)->getContent();
        self::assertSame(substr_count($html, 'class="card card-linked"'), substr_count($html, 'Said on every card'));
        $this->postJson("/studio/releases/$release/bring-back")->assertSuccessful();
        $this->anew();
        $this->get(self::INKS)->assertDontSee('Said on every card');
        self::assertStringContainsString(
            'Said on every card',
            json_encode($card->refresh()->draft_tree, JSON_THROW_ON_ERROR),
            'The draft is left alone.',
        );
    }

    public function test_a_change_of_the_fallback_card_is_a_new_look_of_every_page_whose_grid_chose_none(): void
    {
        $this->pageWith($this->card());
        $fallback = $this->fallback();
        $this->edit($fallback, [
            'edit' => 'set',
            'id' => $fallback->draft_tree['page']['id'],
            'question' => 'how',
            'setting' => 'gap',
            'value' => 10,
            'width' => 'desktop',
        ]);
        $kinds = array_column(
            $this->getJson("/studio/templates/$fallback->id/impact")->assertOk()->json('kinds'),
            'look',
            'pageKind',
        );
        self::assertArrayNotHasKey('product', $kinds, 'No product page lists products.');
        self::assertSame(
            (int) DB::table('categories')->count() - 1,
            $kinds['category'],
            'All but the one with a card of its own.',
        );
        self::assertSame([1, 1], [$kinds['home'], $kinds['all-products']]);
        $this->publish($fallback);
        $this->anew();
        $this->get('/all')->assertSee('--card-gap:10px');
        $this->anew();
        $this->get('/search?q=ink')->assertSee('--card-gap:10px');
        $this->anew();
        $this->get(self::INKS)->assertDontSee('--card-gap:10px');
    }

    public function test_another_card_becomes_the_fallback_as_a_release_that_can_be_brought_back(): void
    {
        $card = $this->card();
        $asked = $this->postJson("/studio/cards/$card->id/fallback", ['ask' => true])->assertOk();
        self::assertSame([0, '“Ready to buy” made the fallback card'], [$asked->json('moved'), $asked->json('words')]);
        self::assertGreaterThan(10, $asked->json('look'));
        $release = $this->postJson("/studio/cards/$card->id/fallback")->assertStatus(201)->json('id');
        $this->anew();
        $this->get('/all')->assertSee('quick-buy-button');
        self::assertTrue($this->row($card)['fallback']);
        $this->deleteJson("/studio/cards/$card->id")->assertStatus(409)->assertJsonPath(
            'message',
            '“Ready to buy” is the fallback card: products stand as it wherever no other card was chosen. Make '
                .'another card the fallback first; nothing was deleted.',
        );
        $this->postJson("/studio/releases/$release/bring-back")->assertSuccessful();
        $this->anew();
        $this->get('/all')->assertDontSee('quick-buy-button');
    }

    public function test_a_card_that_is_in_use_is_not_deleted_and_the_answer_says_where(): void
    {
        $card = $this->card();
        $page = $this->pageWith($card);
        $this->deleteJson("/studio/cards/$card->id")->assertStatus(409)->assertJsonPath(
            'message',
            'Products stand as “Ready to buy” on “Inks by card”. Choose another card there first; nothing was deleted.',
        );
        DB::table('templates')
            ->where('id', $card->id)
            ->update(['live_tree' => null, 'live_reach' => null, 'live_revision' => null]);
        $this->deleteJson("/studio/templates/$card->id")->assertStatus(409);
        $this->edit($page, $this->choose($page, null));
        $this->deleteJson("/studio/cards/$card->id")->assertStatus(409);
        $this->publish($page);
        $this->deleteJson("/studio/cards/$card->id")->assertOk();
        $this->get("/studio/templates/$card->id")->assertNotFound();
        $this->getJson("/studio/cards/$card->id/drawn")->assertNotFound();
        $this->postJson("/studio/cards/$card->id/back")->assertOk();
        $this->get("/studio/templates/$card->id")->assertOk();
    }

    public function test_a_card_in_a_release_that_waits_is_not_deleted(): void
    {
        $card = $this->card();
        $page = $this->page();
        $this->edit($page, $this->choose($page, $card->id));
        $this->app
            ->make(Releases::class)
            ->wait(Changes::of(TemplateDeed::publish($page)), $this->owner, '', new DateTimeImmutable('+3 days'));
        self::assertSame(1, Release::query()->where('state', Release::WAITING)->count());
        $this->edit($page, $this->choose($page, null));
        $this->deleteJson("/studio/cards/$card->id")->assertStatus(409)->assertSee('waits');
    }

    public function test_a_card_that_is_gone_or_was_never_live_gives_way_to_the_fallback(): void
    {
        $card = $this->card();
        $this->pageWith($card);
        foreach (['live_tree' => null, 'let_go_at' => now(), 'role' => 'part'] as $column => $value) {
            DB::beginTransaction();
            DB::table('templates')->where('id', $card->id)->update([$column => $value]);
            $this->anew();
            $this->get(self::INKS)->assertOk()
                ->assertSee('class="card card-linked"', false)
                ->assertDontSee('quick-buy-button');
            DB::rollBack();
        }
        DB::table('templates')
            ->where('id', $card->id)
            ->update(['live_tree' => '{"format":3,"page":{"id":"p","kind":"of-a-later-version"}}']);
        $this->anew();
        $this->get(self::INKS)->assertOk()->assertSee('class="card card-linked"', false);
    }

    public function test_what_cannot_stand_on_a_card_is_refused_in_words_and_nothing_is_lost(): void
    {
        $card = $this->card();
        $insert = fn (array $node) => $this->postJson("/studio/templates/$card->id/edits", ['edits' => [
            ['edit' => 'insert', 'parent' => $card->draft_tree['page']['id'], 'after' => null, 'node' => $node],
        ]]);
        $insert(['id' => 'inner', 'kind' => 'product-grid'])->assertStatus(422)->assertJsonPath(
            'message',
            '“Products” cannot stand on a card: it lists products, or needs a page of its own. Nothing was changed; '
                .'put it beside the products instead.',
        );
        $insert(['id' => 'holds', 'kind' => 'holder', 'children' => [['id' => 'inner', 'kind' => 'reviews']]])
            ->assertStatus(422);
        $insert(['id' => 'other', 'kind' => 'holder', 'what' => ['subject' => 3]])->assertStatus(422)->assertJsonPath(
            'message',
            'A card is of the product that it stands for, so that nothing on it can be about another one. Nothing '
                .'was changed.',
        );
        self::assertSame(1, $card->refresh()->draft_revision);
        foreach ([
            [],
            ['name' => 'A'],
            ['name' => 'A', 'start' => 'castle'],
            ['name' => str_repeat('a', 81), 'start' => 'plain'],
            ['name' => ['a'], 'start' => 'plain'],
            ['name' => 'A', 'copyOf' => 'x'],
        ] as $body) {
            $this->postJson('/studio/cards', $body)->assertStatus(422);
        }
        $this->postJson('/studio/cards', ['name' => 'A', 'copyOf' => 99])->assertNotFound();
        $this->postJson('/studio/cards', ['name' => 'A', 'copyOf' => $this->page()->id])->assertNotFound();
        $this->deleteJson('/studio/cards/1')->assertNotFound();
        $this->postJson('/studio/cards/1/fallback')->assertNotFound();
    }

    public function test_edits_on_a_page_bring_its_grids_anew_and_styles_alone_bring_none(): void
    {
        $card = $this->card();
        $page = $this->pageWith($card);
        $root = $card->draft_tree['page']['id'];
        $sample = $this->id('categories', 'Bottled inks');
        $send = fn (array $edit, array $where) =>
            $this->postJson("/studio/templates/$card->id/edits", ['edits' => [$edit], 'format' => 3] + $where)
                ->assertOk();
        $grid = $this->block($page, 'product-grid');
        $words = $send(
            [
                'edit' => 'insert',
                'parent' => $root,
                'after' => null,
                'node' => ['id' => 'words', 'kind' => 'text', 'what' => ['text' => 'Said on every card']],
            ],
            ['on' => $page->id, 'sample' => $sample],
        );
        self::assertSame([$grid], array_column($words->json('parts'), 'id'));
        self::assertSame('words', $words->json("parts.0.orders.$root.0"));
        self::assertSame(['words'], array_keys($words->json('parts.0.blocks')), 'The others stay as they are.');
        self::assertCount(12, $words->json('parts.0.blocks.words'));
        self::assertStringContainsString('Said on every card', $words->json('parts.0.blocks.words.11'));
        $style = $send(
            [
                'edit' => 'set', 'id' => $root, 'question' => 'how', 'setting' => 'gap', 'value' => 10,
                'width' => 'desktop',
            ],
            ['on' => $page->id, 'sample' => $sample],
        );
        self::assertSame([], $style->json('parts'));
        self::assertStringContainsString('--card-gap:10px', $style->json("styles.$root"));
        $alone = $send(
            [
                'edit' => 'set', 'id' => 'words', 'question' => 'what', 'setting' => 'text', 'value' => 'Said alone',
                'width' => 'desktop',
            ],
            ['sample' => $this->id('products', 'Gift card')],
        );
        self::assertSame([CardRoom::GRID], array_column($alone->json('parts'), 'id'));
        $whole = $send(
            [
                'edit' => 'set', 'id' => $root, 'question' => 'what', 'setting' => 'linked', 'value' => false,
                'width' => 'desktop',
            ],
            ['sample' => $this->id('products', 'Gift card')],
        )->json('parts.0.html');
        self::assertStringContainsString(
            'Gift card',
            substr($whole, 0, (int) strpos($whole, '</li>')),
            'The chosen product stands first.',
        );
        $holder = (string) array_column($card->refresh()->draft_tree['page']['children'], 'id', 'kind')['holder'];
        $moved = $send(
            ['edit' => 'move', 'id' => 'words', 'parent' => $holder, 'after' => null],
            ['on' => $page->id, 'sample' => $sample],
        );
        self::assertSame([], $moved->json('parts.0.blocks'), 'What moves stays as it is.');
        self::assertSame('words', $moved->json("parts.0.orders.$holder.0"));
        self::assertNotContains('words', $moved->json("parts.0.orders.$root"));
        $back = $send(
            ['edit' => 'move', 'id' => 'words', 'parent' => $root, 'after' => null],
            ['on' => $page->id, 'sample' => $sample],
        );
        self::assertSame('words', $back->json("parts.0.orders.$root.0"));
        $send(
            ['edit' => 'move', 'id' => 'words', 'parent' => $holder, 'after' => null],
            ['on' => $page->id, 'sample' => $sample],
        );
        $inside = $send(
            [
                'edit' => 'set', 'id' => 'words', 'question' => 'what', 'setting' => 'text', 'value' => 'In the holder',
                'width' => 'desktop',
            ],
            ['on' => $page->id, 'sample' => $sample],
        );
        self::assertSame([$holder], array_keys($inside->json('parts.0.blocks')));
        $gone = $send(['edit' => 'remove', 'id' => $holder], ['on' => $page->id, 'sample' => $sample]);
        self::assertSame([], $gone->json('parts.0.blocks'));
        self::assertNotContains($holder, $gone->json("parts.0.orders.$root"));
        self::assertSame(
            [],
            $send(
                [
                    'edit' => 'set', 'id' => $root, 'question' => 'what', 'setting' => 'linked', 'value' => true,
                    'width' => 'desktop',
                ],
                ['on' => $page->id, 'sample' => 99_999],
            )->json('parts'),
        );
    }

    public function test_the_drawing_table_shows_the_draft_of_a_card_and_customers_what_is_live(): void
    {
        $card = $this->card();
        $page = $this->pageWith($card);
        $this->edit($card, [
            'edit' => 'insert',
            'parent' => $card->draft_tree['page']['id'],
            'after' => null,
            'node' => ['id' => 'words', 'kind' => 'text', 'what' => ['text' => 'Said on every card']],
        ]);
        $sample = $this->id('categories', 'Bottled inks');
        $this->get("/studio/templates/$page->id/canvas/$sample")->assertOk()->assertSee('Said on every card');
        $this->get("/studio/templates/$page->id/page/$sample")->assertOk()->assertDontSee('Said on every card');
        $this->get("/studio/templates/$page->id/page/$sample?draft=1&with=$card->id")
            ->assertOk()
            ->assertSee('Said on every card');
        $this->get("/studio/templates/$page->id/page/$sample?before=1&card=$card->id")
            ->assertOk()
            ->assertDontSee('Said on every card');
        $this->anew();
        $this->get("/studio/templates/$card->id/canvas/".$this->id('products', 'Gift card'))
            ->assertOk()
            ->assertSee('Said on every card');
        $this->get("/studio/templates/$card->id/look")->assertRedirect();
        $this->get('/studio/starts/card/framed')->assertOk()->assertSee('product-picture-row', false);
        $this->get('/studio/starts/card/castle')->assertNotFound();
    }

    public function test_a_draft_of_a_card_is_walked_through_and_seen_by_the_link_to_a_page_that_shows_it(): void
    {
        $card = $this->card();
        $page = $this->pageWith($card);
        $this->edit($card, [
            'edit' => 'insert',
            'parent' => $card->draft_tree['page']['id'],
            'after' => null,
            'node' => ['id' => 'words', 'kind' => 'text', 'what' => ['text' => 'Said on every card']],
        ]);
        $this->get('/studio/today')->assertOk()->assertSee('Ready to buy');
        $this->postJson('/studio/walk', ['drafts' => [$card->id]])->assertOk();
        $this->get(self::INKS)->assertSee('Said on every card');
        $this->post('/studio/walk/end');
        $this->get(self::INKS)->assertDontSee('Said on every card');
        $link = $this->postJson(
            "/studio/templates/$page->id/links",
            ['days' => 3, 'sample' => $this->id('categories', 'Bottled inks')],
        )
            ->assertCreated()
            ->json('address');
        $this->app->make('auth')->logout();
        $this->get(self::INKS)->assertDontSee('Said on every card');
        $this->get($link)->assertRedirect(self::INKS);
        $this->get(self::INKS)->assertOk()->assertSee('Said on every card');
    }

    public function test_a_card_on_a_kept_part_is_edited_there(): void
    {
        $card = $this->card();
        $part = $this->postJson('/studio/parts', [
            'name' => 'Goes well',
            'node' => ['kind' => 'product-grid', 'what' => ['feed' => 'rule', 'perPage' => 3, 'card' => $card->id]],
        ])
            ->assertCreated()
            ->json('id');
        self::assertSame(['Goes well'], array_column($this->row($card)['places'], 'name'));
        $words = [
            'edit' => 'insert',
            'parent' => $card->draft_tree['page']['id'],
            'after' => null,
            'node' => ['id' => 'words', 'kind' => 'text', 'what' => ['text' => 'Said on every card']],
        ];
        $answer = $this->postJson(
            "/studio/templates/$card->id/edits",
            ['edits' => [$words], 'format' => 3, 'on' => $part, 'sample' => $this->id('products', 'Gift card')],
        )->assertOk();
        self::assertCount(3, $answer->json('parts.0.blocks.words'));
        $template = $this->template();
        $this->edit($template, [
            'edit' => 'insert',
            'parent' => $this->block($template, 'column'),
            'after' => null,
            'node' => ['id' => 'shared', 'kind' => 'shared', 'what' => ['part' => $part]],
        ]);
        $this->edit($template, $this->reach([['product', 'isOneOf', [$this->id('products', 'Gift card')]]]));
        $this->publish($template);
        self::assertSame(
            [['product', 1]],
            array_map(
                static fn (array $of): array => [$of['pageKind'], $of['look']],
                $this->getJson("/studio/templates/$card->id/impact")->assertOk()->json('kinds'),
            ),
            'Also where the list stands in a shared part.',
        );
    }

    public function test_on_how_many_products_a_fact_is_missing_is_said_while_it_is_chosen(): void
    {
        $fact = $this->id('facts', 'Drying time');
        $with = DB::table('fact_values')->where('fact_id', $fact)
            ->distinct()
            ->join('products', 'products.id', '=', 'product_id')
            ->where('published', true)
            ->count('product_id');
        $shown = DB::table('products')->where('published', true)->count();
        self::assertGreaterThan(0, $with);
        $this->getJson("/studio/templates/{$this->card()->id}/missing?lacking=product.fact&of=$fact")
            ->assertOk()
            ->assertExactJson(['missing' => $shown - $with, 'of' => $shown]);
    }

    public function test_a_step_knows_its_place_among_those_of_other_templates(): void
    {
        $card = $this->card();
        $page = $this->pageWith($card);
        $this->edit($card, [
            'edit' => 'set',
            'id' => $card->draft_tree['page']['id'],
            'question' => 'how',
            'setting' => 'gap',
            'value' => 10,
            'width' => 'desktop',
        ]);
        $state = fn (Template $of): array =>
            (array) $this->getJson("/studio/templates/$of->id/news?revision=0")->assertOk()->json('state');
        self::assertGreaterThan($state($page)['undoStep'], $state($card)['undoStep']);
        self::assertSame([0, null], [$state($card)['redoStep'], $state($card)['redo']]);
        $this->postJson("/studio/templates/$card->id/undo")->assertOk();
        self::assertSame(0, $state($card)['undoStep']);
        self::assertGreaterThan($state($page)['undoStep'], $state($card)['redoStep']);
    }

    public function test_a_copy_begins_like_the_original_and_goes_its_own_way(): void
    {
        $card = $this->card();
        $this->edit($card, [
            'edit' => 'insert',
            'parent' => $card->draft_tree['page']['id'],
            'after' => null,
            'node' => ['id' => 'words', 'kind' => 'text', 'what' => ['text' => 'Half done']],
        ]);
        $id = $this->postJson('/studio/cards', ['name' => 'Only here', 'copyOf' => $card->id])
            ->assertStatus(201)
            ->json('id');
        $copy = Template::query()->findOrFail($id);
        self::assertTrue($copy->isLive() && $copy->isChanged());
        self::assertStringNotContainsString(
            'Half done',
            json_encode($copy->live_tree, JSON_THROW_ON_ERROR),
            'What is half done stays a draft.',
        );
        self::assertSame(
            $copy->live_tree['page']['children'][0]['id'] ?? '',
            $copy->draft_tree['page']['children'][1]['id'],
            'What did not change is the same block in both.',
        );
        $kinds = static fn (Template $one): array => array_column($one->draft_tree['page']['children'], 'kind');
        self::assertSame($kinds($card), $kinds($copy));
        self::assertNotSame(
            $card->draft_tree['page']['id'],
            $copy->draft_tree['page']['id'],
            'Both can stand on one page.',
        );
    }

    public function test_a_card_goes_out_as_a_file_and_comes_back_as_a_draft(): void
    {
        $card = $this->card();
        $file = (array) json_decode($this->said("vestibra:template export $card->id --json"), true);
        self::assertSame(['card', 'card'], [$file['pageKind'], $file['tree']['page']['kind']]);
        $name = (string) tempnam(sys_get_temp_dir(), 'vestibra');
        file_put_contents($name, json_encode($file));
        $this->said("vestibra:template import $name");
        $back = Template::query()->orderByDesc('id')->firstOrFail();
        self::assertSame(['card', false], [$back->role->value, $back->isLive()]);
        $page = ['pageKind' => 'category'] + $file;
        file_put_contents($name, json_encode($page));
        self::assertNotSame(0, Artisan::call("vestibra:template import $name"));
        $nested = $file;
        $nested['tree']['page']['children'][] = ['id' => 'inner', 'kind' => 'product-grid'];
        file_put_contents($name, json_encode($nested));
        self::assertNotSame(0, Artisan::call("vestibra:template import $name"));
        unlink($name);
        self::assertSame($back->id, Template::query()->max('id'));
    }

    public function test_what_has_nothing_to_choose_is_bought_from_the_list_without_scripts(): void
    {
        $this->postJson("/studio/cards/{$this->card()->id}/fallback")->assertCreated();
        $this->anew();
        $html = (string) $this->get('/search?q=mixing+set')->assertOk()
            ->assertSee('aria-label="Add to cart: Mixing set of six inks"', false)
            ->getContent();
        self::assertSame(
            1,
            preg_match(
                '~<form method="post" action="([^"]+)" data-buy[^>]*><input type="hidden" name="variant" '
                    .'value="(\d+)">~',
                $html,
                $form,
            ),
        );
        $this->post($form[1], ['variant' => $form[2]])->assertRedirect();
        $this->get('/cart')->assertOk()->assertSee('Mixing set of six inks');
    }

    public function test_words_of_the_shop_are_escaped_on_cards(): void
    {
        DB::table('products')
            ->where('id', $this->id('products', 'Gift card'))
            ->update(['title' => '<script>alert(1)</script>"x']);
        $this->pageWith($this->card());
        $this->anew();
        $this->get('/search?q=alert')->assertOk()->assertDontSee('<script>alert(1)', false);
    }

    public function test_viewers_look_and_change_nothing(): void
    {
        $card = $this->card();
        $this->owner->update(['role' => 'viewer']);
        $this->actingAs($this->owner->refresh());
        $this->get("/studio/templates/$card->id")->assertOk();
        $this->postJson('/studio/cards', ['name' => 'A', 'start' => 'plain'])->assertForbidden();
        $this->deleteJson("/studio/cards/$card->id")->assertForbidden();
        $this->postJson("/studio/cards/$card->id/fallback")->assertForbidden();
    }

    private function card(): Template
    {
        return Template::query()
            ->findOrFail($this->postJson('/studio/cards', ['name' => 'Ready to buy', 'start' => 'to-buy'])
                ->assertStatus(201)
                ->json('id'));
    }

    private function fallback(): Template
    {
        return Template::query()->findOrFail(DB::table('fallbacks')->where('page_kind', 'card')->value('template_id'));
    }

    private function page(): Template
    {
        $page = $this->app
            ->make(Templates::class)
            ->fromStart('Inks by card', 'shelves', $this->owner, PageKind::Category);
        self::assertNotNull($page);
        $this->edit($page, $this->reach([['category', 'isExactly', [$this->id('categories', 'Bottled inks')]]]));

        return $page;
    }

    /** The template of one category, whose products stand as a card. */
    private function pageWith(Template $card): Template
    {
        $page = $this->page();
        $this->edit($page, $this->choose($page, $card->id));
        $this->publish($page);

        return $page;
    }

    /** @return array<string, mixed> an edit */
    private function choose(Template $page, ?int $card): array
    {
        return [
            'edit' => 'set',
            'id' => $this->block($page, 'product-grid'),
            'question' => 'what',
            'setting' => 'card',
            'value' => $card,
            'width' => 'desktop',
        ];
    }

    /** @return array<string, mixed> as the list of templates has it */
    private function row(Template $card): array
    {
        preg_match(
            '~<script[^>]*type="application/json"[^>]*>(.*?)</script>~s',
            (string) $this->get('/studio/templates')->assertOk()->getContent(),
            $found,
        );
        $rows = array_column((array) (json_decode($found[1] ?? '', true)['data']['cards'] ?? []), null, 'id');

        return (array) $rows[$card->id];
    }

    private function said(string $command): string
    {
        Artisan::call($command);

        return Artisan::output();
    }
}
