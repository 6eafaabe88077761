<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Pages;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Demo\MoreProducts;
use Vestibra\Tests\App\TestCase;

/** Category pages through templates, from the start to the release that is taken back. */
final class CategoryPagesTest extends TestCase
{
    private int $inks;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
        $this->inks = $this->id('categories', 'Inks');
    }

    public function test_one_category_gets_a_page_of_its_own_and_no_other_changes(): void
    {
        $template = $this->banner();
        $this->edit($template, $this->reach([['category', 'isExactly', [$this->inks]]]));
        $before = (string) $this->get('/c/paper')->getContent();
        $impact = $this->getJson("/studio/templates/$template->id/impact")->assertOk();
        self::assertSame(
            [1, 21, [['pageKind' => 'category', 'moved' => 1, 'look' => 0, 'stays' => 21]]],
            [$impact->json('moved'), $impact->json('stays'), $impact->json('kinds')],
        );
        self::assertSame(
            ['Inks', '/c/inks'],
            [$impact->json('moves.0.pages.0.title'), $impact->json('moves.0.pages.0.address')],
        );

        $release = $this->postJson('/studio/publish', ['revisions' => [$template->id => $template->draft_revision]])
            ->assertCreated();
        self::assertSame(['Inks'], array_column($release->json('look.changed'), 'title'));
        self::assertSame(3, count($release->json('look.same')));
        $this->get('/c/inks')->assertOk()
            ->assertSee($this->block($template, 'product-grid'))
            ->assertSee('band-pictured', false);
        self::assertSame(9, substr_count((string) $this->get('/c/inks')->getContent(), 'class="card-cover"'));
        self::assertSame(
            self::withoutNonces($before),
            self::withoutNonces((string) $this->get('/c/paper')->getContent()),
            'Another category did not change.',
        );

        $why = $this->getJson("/studio/ladder/category/$this->inks")->assertOk();
        self::assertSame(['category', 'Inks', 'Ink banner', [1, 0, 1, 0]], [
            $why->json('pageKind'), $why->json('page.title'), $why->json('rungs.0.name'),
            $why->json('rungs.0.closeness'),
        ]);
        self::assertSame(
            'It stands at Paper.',
            $this->getJson('/studio/ladder/category/'.$this->id('categories', 'Paper'))->json('rungs.1.detail.0'),
        );
        $this->get('/studio/why/category/inks')->assertOk()->assertSee('Why Inks looks like this');
        $this->get('/c/inks')->assertSee('/studio/why/category/inks', false)->assertSee('Open it with this category');

        $this->postJson("/studio/releases/{$release->json('id')}/bring-back")->assertCreated();
        $this->get('/c/inks')->assertDontSee('band-pictured', false);
    }

    public function test_a_page_without_its_products_wants_a_spoken_decision(): void
    {
        $template = $this->banner();
        $this->edit($template, $this->reach([['category', 'isIn', [$this->inks]]]), [
            'edit' => 'remove',
            'id' => $this->block($template, 'product-grid'),
        ]);
        $concerns = $this->getJson("/studio/templates/$template->id/impact")->json('concerns');
        self::assertSame(["products/$template->id"], array_column($concerns, 'spoken'));
        $this->postJson('/studio/publish', ['revisions' => [$template->id => $template->draft_revision]])
            ->assertStatus(409)
            ->assertJsonPath('message', '“Ink banner” does not show the products of its pages.');
    }

    public function test_rules_look_at_what_categories_have(): void
    {
        $template = $this->banner();
        foreach ([
            [['products', 'atLeast', [30]], ['Inks']],
            [['description', 'hasNone', []], ['Mending, cleaning and spare parts']],
            [['category', 'isIn', [$this->inks]], [
                'Bottled inks', 'Ink cartridges', 'Inks', 'Permanent inks', 'Shimmer inks',
            ]],
        ] as [$condition, $covered]) {
            $answer = $this->postJson("/studio/templates/$template->id/reach", ['reach' => $this
                ->reach([$condition])['reach']])->assertOk();
            $titles = array_column($answer->json('pages'), 'title');
            self::assertSame($covered, array_values(array_intersect($titles, $covered)), json_encode($titles) ?: '');
            self::assertSame(count($titles), $answer->json('covers'));
        }
        $this->postJson("/studio/templates/$template->id/reach", ['reach' => $this
            ->reach([['sale', 'isOn', []]])['reach']])->assertStatus(422);
        $this->postJson("/studio/templates/$template->id/try", [
            'reach' => $this->reach([['products', 'atLeast', [30]]])['reach'],
            'subject' => $this->id('categories', 'Desk'),
        ])
            ->assertOk()->assertJsonPath('covers', false)->assertJsonPath('gets', 'Every other category');
    }

    public function test_samples_mark_the_awkward_ones(): void
    {
        $template = $this->banner();
        $samples = $this->getJson("/studio/templates/$template->id/samples")->assertOk()->json('samples');
        $flags = array_column($samples, 'flags', 'title');
        self::assertSame(
            ['empty', 'no picture', 'no description', 'long name'],
            $flags['Mending, cleaning and spare parts'],
        );
        self::assertSame([], $samples[0]['flags'], 'It begins with an ordinary one.');
        MoreProducts::fillUpTo(400);
        self::assertContains(
            'very many products',
            array_merge(
                ...array_column($this->getJson("/studio/templates/$template->id/samples")->json('samples'), 'flags'),
            ),
        );
        $this->get("/studio/templates/$template->id/canvas/"
            .$this->id('categories', 'Mending, cleaning and spare parts'))->assertOk()
            ->assertSee('data-absent="this category has no description"', false);
    }

    public function test_pin_hand_order_fallback_and_taking_off_are_the_categories_own(): void
    {
        $template = $this->banner();
        $this->edit($template, $this->reach([['title', 'contains', ['nothing']]]));
        $this->publish($template);
        $this->postJson(
            '/studio/pins',
            ['pageKind' => 'category', 'subject' => $this->inks, 'template' => $template->id],
        )
            ->assertCreated()
            ->assertJsonPath('impact.kinds.0.pageKind', 'category');
        $this->get('/c/inks')->assertSee($this->block($template, 'page-title'));
        $this->postJson('/studio/pins', ['pageKind' => 'product', 'subject' => 1, 'template' => $template->id])
            ->assertStatus(409);
        $this->postJson('/studio/pins', ['pageKind' => 'category', 'subject' => $this->inks, 'template' => 1])
            ->assertStatus(409);
        $this->postJson('/studio/pins', ['pageKind' => 'moon', 'subject' => 1, 'template' => 1])->assertStatus(422);
        $products = Template::query()->where('page_kind', 'product')->firstOrFail();
        $this->postJson("/studio/templates/$template->id/fallback")->assertCreated();
        self::assertSame([$template->id, $products->id], [
            DB::table('fallbacks')->where('page_kind', 'category')->value('template_id'),
            DB::table('fallbacks')->where('page_kind', 'product')->value('template_id'),
        ]);
        $this->postJson("/studio/templates/$template->id/take-off")->assertStatus(409);
        $this->get('/studio/who?kind=category')->assertOk()->assertSee('Every other category');
        self::assertSame(
            ['pinned'],
            array_column($this->getJson('/studio/who/rows?kind=category&step=pinned')->json('rows'), 'by'),
        );
    }

    public function test_walking_private_links_fitting_files_and_the_console(): void
    {
        $template = $this->banner();
        $this->edit($template, $this->reach([['category', 'isIn', [$this->inks]]]));
        $this->postJson('/studio/walk', ['drafts' => [$template->id]])->assertOk();
        $this->get('/c/inks')->assertSee($this->block($template, 'page-title'));
        $this->post('/studio/walk/end');
        $this->get('/c/inks')->assertDontSee($this->block($template, 'page-title'));

        $address = $this->postJson("/studio/templates/$template->id/links", ['days' => 3, 'sample' => $this->inks])
            ->assertCreated()
            ->json('address');
        $this->app->make('auth')->logout();
        $this->get($address)->assertRedirect('/c/inks');
        $this->get('/c/paper')->assertOk()
            ->assertSee('a draft that customers do not see')
            ->assertSee('This category would not get it.');
        $this->get('/p/teal-tide-bottled-ink')->assertOk()->assertDontSee('a draft that customers do not see');
        $this->actingAs($this->owner);

        $groups = $this->postJson("/studio/templates/$template->id/fitting")->assertOk()
            ->assertJsonPath('total', 5)
            ->json('groups');
        self::assertNotContains('missing', array_column($groups, 'matter'));
        self::assertSame([['category', 'The page has no list of its products']], $this->withoutGrid($template));

        $console = $this->app->make(Kernel::class);
        $console->call('vestibra:verdict category inks');
        self::assertStringContainsString('Inks gets “Every other category”', $console->output());
        $console->call('vestibra:page category inks');
        self::assertStringContainsString('class="page-title', $console->output());
        $console->call('vestibra:reach "Ink banner" --json');
        self::assertSame(
            [5, 5],
            array_values(array_intersect_key(json_decode($console->output(), true), ['covers' => 1, 'shownOn' => 1])),
        );
        $console->call('vestibra:template export "Ink banner"');
        $file = json_decode($console->output(), true);
        self::assertSame('category', $file['pageKind']);
        $path = (string) tempnam(sys_get_temp_dir(), 'vestibra');
        file_put_contents($path, json_encode($file));
        $console->call("vestibra:template import $path --with-reach --json");
        $made = Template::query()->findOrFail(json_decode($console->output(), true)['id']);
        self::assertSame(
            ['category', $template->draft_reach, false],
            [$made->page_kind, $made->draft_reach, $made->isLive()],
        );
    }

    /** @return iterable<string, array{string}> */
    public static function strangePages(): iterable
    {
        foreach (['0', '-1', 'abc', '1e3', '', ' 2'] as $page) {
            yield "page “{$page}”" => ["page=$page"];
        }
        yield 'a list' => ['page[]=2&sort[]=cheap'];
        yield 'an order that there is not' => ['sort=moon&page=2'];
    }

    #[DataProvider('strangePages')]
    public function test_a_strange_page_number_shows_a_page_that_there_is(string $query): void
    {
        $html = (string) $this->get("/c/inks?$query")->assertOk()->getContent();
        self::assertMatchesRegularExpression('/aria-current="page"><span class="unseen">Page <\/span>[1-3]</', $html);
        self::assertGreaterThan(0, substr_count($html, 'class="card-cover"'));
    }

    public function test_a_category_that_is_deleted_meanwhile_is_a_plain_404_and_its_template_still_opens(): void
    {
        $template = $this->banner();
        $mending = $this->id('categories', 'Mending, cleaning and spare parts');
        $this->edit($template, $this->reach([['category', 'isExactly', [$mending]]]));
        $this->publish($template);
        $this->get('/c/mending-cleaning-and-spare-parts')->assertOk()->assertSee('There is nothing on this shelf');
        DB::table('categories')->where('id', $mending)->delete();
        $this->get('/c/mending-cleaning-and-spare-parts')->assertNotFound();
        $this->get("/studio/templates/$template->id?sample=$mending")->assertOk();
        $this->get("/studio/templates/$template->id/canvas/$mending")->assertNotFound();
        $this->getJson("/studio/ladder/category/$mending")->assertNotFound();
        $edit = [
            'edit' => 'set',
            'id' => $this->block($template, 'page-title'),
            'question' => 'what',
            'setting' => 'before',
            'value' => 'All of',
            'width' => 'desktop',
        ];
        $this->postJson("/studio/templates/$template->id/edits", ['edits' => [$edit], 'sample' => $mending])
            ->assertOk()
            ->assertJsonPath('parts', []);
        $this->get('/studio/today')->assertOk()->assertSee('names what was deleted');
    }

    public function test_a_block_of_products_says_so_on_the_table_and_is_absent_in_the_shop(): void
    {
        $template = $this->banner();
        $this->edit($template, $this->reach([['category', 'isIn', [$this->inks]]]), [
            'edit' => 'insert',
            'parent' => $this->block($template, 'column'),
            'after' => null,
            'node' => ['id' => 'lostprice', 'kind' => 'price'],
        ]);
        $this->get("/studio/templates/$template->id/canvas/$this->inks")
            ->assertSee('data-absent="works inside a card or a holder that shows a product"', false);
        $this->publish($template);
        $this->get('/c/inks')->assertOk()->assertDontSee('lostprice')->assertDontSee('data-absent', false);
    }

    public function test_a_template_of_a_kind_that_this_version_does_not_know_is_kept_said_and_never_shown(): void
    {
        $template = $this->banner();
        DB::table('templates')->where('id', $template->id)->update([
            'page_kind' => 'moon',
            'name' => 'By moonlight',
            'live_tree' => DB::raw('draft_tree'),
            'live_reach' => '{"format":9}',
            'live_revision' => 1,
        ]);
        $this->get('/studio/templates')->assertOk()->assertSee('By moonlight')->assertSee('"known":false', false);
        $this->get('/studio/today')
            ->assertOk()
            ->assertSee('which this version does not know. It is kept, and shown nowhere.');
        foreach (['', '/impact', '/canvas/1', '/samples', '/fitting'] as $address) {
            $this->get("/studio/templates/$template->id$address")->assertNotFound();
        }
        $this->postJson("/studio/templates/$template->id/edits", ['edits' => [['edit' => 'remove', 'id' => 'x']]])
            ->assertNotFound();
        $this->get('/c/inks')->assertOk();
        $this->get('/p/teal-tide-bottled-ink')->assertOk();
        self::assertSame('By moonlight', DB::table('templates')->where('id', $template->id)->value('name'));
    }

    public function test_a_page_of_24_cards_makes_at_most_thirteen_queries(): void
    {
        $template = $this->banner();
        $grid = [
            'edit' => 'set',
            'id' => $this->block($template, 'product-grid'),
            'question' => 'what',
            'setting' => 'perPage',
            'value' => 24,
            'width' => 'desktop',
        ];
        $this->edit($template, $grid, $this->reach([['category', 'isIn', [$this->inks]]]));
        $this->publish($template);
        MoreProducts::fillUpTo(3000);
        $this->get('/c/inks')->assertOk();
        $this->app->make('auth')->logout();
        $this->anew();
        DB::enableQueryLog();
        $html = (string) $this->get('/c/inks')->assertOk()->getContent();
        self::assertSame(24, substr_count($html, 'class="card-cover"'));
        self::assertLessThanOrEqual(
            13,
            count(DB::getQueryLog()),
            implode("\n", array_column(DB::getQueryLog(), 'query')),
        );
    }

    private function banner(): Template
    {
        $template = $this->app
            ->make(Templates::class)
            ->fromStart('Ink banner', 'banner', $this->owner, PageKind::Category);
        self::assertNotNull($template);

        return $template;
    }

    /** @return list<array{string, string}> what fitting says of essentials once the products are gone */
    private function withoutGrid(Template $template): array
    {
        $template->refresh();
        $this->edit($template, ['edit' => 'remove', 'id' => $this->block($template, 'product-grid')]);
        $groups = $this->postJson("/studio/templates/$template->id/fitting")->json('groups');
        $missing = array_values(
            array_filter($groups, static fn (array $group): bool => $group['matter'] === 'missing'),
        );

        return array_map(static fn (array $group): array => ['category', $group['about']], $missing);
    }

    private static function withoutNonces(string $html): string
    {
        return (string) preg_replace(['/nonce="[^"]*"/', '/name="_token" value="[^"]*"/'], '', $html);
    }
}
