<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Pages;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Work\Starts\Starts;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Templates\Node;
use Vestibra\Tests\App\TestCase;

/** What is promised of pages is promised of every kind of them. */
final class EveryKindTest extends TestCase
{
    /** Of each kind: a page, the start of the template that is made for it, and a block that only that start brings. */
    private const KINDS = [
        'product' => ['teal-tide-bottled-ink', 'story', 'title'],
        'category' => ['inks', 'banner', 'page-title'],
        'collection' => ['everything-teal', 'banner', 'page-title'],
        'brand' => ['pellinray', 'beside', 'page-title'],
        'tag' => ['gift', 'beside', 'page-title'],
        'home' => ['home', 'window', 'heading'],
        'all-products' => ['all', 'beside', 'page-title'],
        'search' => ['fountain', 'beside', 'page-title'],
        'not-found' => ['not-found', 'goods', 'product-grid'],
        'header' => ['product/teal-tide-bottled-ink', 'two-rows', 'notice-strip'],
        'footer' => ['category/inks', 'columns', 'newsletter'],
    ];

    private PageKind $kind;

    private string $slug;

    private string $address;

    private string $mark;

    private Template $template;

    private int $subject;

    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        foreach (PageAddresses::names() as $kind) {
            yield $kind => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function test_a_draft_is_seen_by_nobody_and_a_release_by_everybody_and_it_is_taken_back(string $kind): void
    {
        $this->begin($kind);
        $before = $this->page();
        self::assertStringNotContainsString($this->mark, $before);
        $impact = $this->getJson("/studio/templates/{$this->template->id}/impact")->assertOk();
        self::assertSame([$this->pages(), $kind], [$impact->json('moved'), $impact->json('kinds.0.pageKind')]);
        self::assertStringNotContainsString($this->mark, $this->page());

        $release = $this->postJson(
            '/studio/publish',
            ['revisions' => [$this->template->id => $this->template->draft_revision]],
        )->assertCreated();
        self::assertStringContainsString($this->mark, $this->page());
        $this->get('/studio/today')->assertOk()->assertSee('One page');
        $this->get('/studio/releases')->assertOk();
        $this->postJson("/studio/releases/{$release->json('id')}/bring-back")->assertCreated();
        self::assertSame($before, $this->page());
    }

    #[DataProvider('kinds')]
    public function test_the_ladder_says_which_template_a_page_has_and_who_gets_what_says_the_same(string $kind): void
    {
        $this->begin($kind);
        $this->publish($this->template);
        $why = $this->getJson("/studio/ladder/$kind/$this->subject")->assertOk();
        self::assertSame([$kind, 'One page'], [$why->json('pageKind'), $why->json('rungs.0.name')]);
        $this->get("/studio/why/$kind/$this->slug")->assertOk();
        $this->get($this->address)->assertSee("/studio/why/$kind/$this->slug", false);
        $this->get("/studio/who?kind=$kind")->assertOk()->assertSee('One page');
        $rows = $this->getJson("/studio/who/rows?kind=$kind")->assertOk()->json('rows');
        self::assertNotSame([], $rows);
        self::assertSame(
            [],
            array_filter($rows, fn (array $row): bool => $row['template'] !== $this->template->id),
            (string) json_encode($rows[0]),
        );
    }

    #[DataProvider('kinds')]
    public function test_a_season_begins_and_ends_by_itself(string $kind): void
    {
        $this->travelTo('2026-11-26 12:00:00');
        $this->begin($kind, ['from' => '2026-12-01T00:00:00Z', 'until' => '2026-12-05T00:00:00Z']);
        $this->publish($this->template);
        self::assertStringNotContainsString($this->mark, $this->page());
        $this->travelTo('2026-12-02 12:00:00');
        self::assertStringContainsString($this->mark, $this->page());
        $this->travelTo('2026-12-06 12:00:00');
        self::assertStringNotContainsString($this->mark, $this->page());
    }

    #[DataProvider('kinds')]
    public function test_a_pin_comes_before_every_rule_and_the_fallback_after_them(string $kind): void
    {
        $this->begin($kind, show: []);
        $this->publish($this->template);
        self::assertStringNotContainsString($this->mark, $this->page());
        if ($this->kind->standsOnPages()) {
            $this->postJson(
                '/studio/pins',
                ['pageKind' => $kind, 'subject' => $this->subject, 'template' => $this->template->id],
            )
                ->assertStatus(409)
                ->assertJsonPath('problems.0.code', 'release.chosen-by-template');
            $this->postJson("/studio/templates/{$this->template->id}/fallback")->assertCreated();
            self::assertSame(
                $this->template->id,
                DB::table('fallbacks')->where('page_kind', $kind)->value('template_id'),
            );

            return;
        }
        $this->postJson(
            '/studio/pins',
            ['pageKind' => $kind, 'subject' => $this->subject, 'template' => $this->template->id],
        )->assertCreated();
        self::assertStringContainsString($this->mark, $this->page());
        $this->postJson("/studio/templates/{$this->template->id}/fallback")->assertCreated();
        self::assertSame($this->template->id, DB::table('fallbacks')->where('page_kind', $kind)->value('template_id'));
        $this->postJson("/studio/templates/{$this->template->id}/take-off")->assertStatus(409);
    }

    #[DataProvider('kinds')]
    public function test_a_draft_is_walked_through_and_shown_by_a_private_link(string $kind): void
    {
        $this->begin($kind);
        $this->postJson('/studio/walk', ['drafts' => [$this->template->id]])->assertOk();
        self::assertStringContainsString($this->mark, $this->page());
        $this->post('/studio/walk/end');
        self::assertStringNotContainsString($this->mark, $this->page());
        $link = $this
            ->postJson("/studio/templates/{$this->template->id}/links", ['days' => 3, 'sample' => $this->subject])
            ->assertCreated()
            ->json('address');
        $this->app->make('auth')->logout();
        self::assertStringNotContainsString($this->mark, $this->page());
        $this->get($link)->assertRedirect($this->address);
        $this->get($this->address)->assertStatus($this->kind === PageKind::NotFound ? 404 : 200)
            ->assertSee($this->mark)
            ->assertSee('a draft that customers do not see');
    }

    #[DataProvider('kinds')]
    public function test_fitting_samples_canvas_and_table_know_its_pages(string $kind): void
    {
        $this->begin($kind);
        $fitting = $this->postJson("/studio/templates/{$this->template->id}/fitting")
            ->assertOk()
            ->assertJsonPath('total', $this->pages());
        self::assertNotContains('missing', array_column($fitting->json('groups'), 'matter'));
        $samples = $this->getJson("/studio/templates/{$this->template->id}/samples")->assertOk();
        self::assertSame($this->pages(), $samples->json('total'));
        self::assertNotSame([], $samples->json('samples'));
        $this->get("/studio/templates/{$this->template->id}/canvas/$this->subject")
            ->assertOk()
            ->assertSee("data-b=\"$this->mark\"", false);
        $this->get("/studio/templates/{$this->template->id}")->assertOk();
        $this->publish($this->template);
        $this->get("/studio/templates/{$this->template->id}/page/$this->subject")->assertOk();
        foreach (array_column($this->app->make(Starts::class)->list($this->kind), 'name') as $start) {
            self::assertSame(200, $this->get("/studio/starts/$kind/$start")->status(), $start);
        }
    }

    #[DataProvider('kinds')]
    public function test_files_and_the_console_speak_of_it(string $kind): void
    {
        $this->begin($kind);
        $this->publish($this->template);
        $console = $this->app->make(Kernel::class);
        $console->call("vestibra:verdict $kind $this->slug");
        self::assertStringContainsString('gets “One page”', $console->output());
        $console->call("vestibra:page $kind $this->slug");
        self::assertStringContainsString($this->mark, $console->output());
        $console->call('vestibra:reach "One page" --json');
        self::assertSame(
            ['covers' => $this->pages(), 'shownOn' => $this->pages()],
            array_intersect_key(json_decode($console->output(), true), ['covers' => 1, 'shownOn' => 1]),
        );
        $console->call('vestibra:template export "One page"');
        $path = (string) tempnam(sys_get_temp_dir(), 'vestibra');
        file_put_contents($path, $console->output());
        $console->call("vestibra:template import $path --with-reach --json");
        $made = Template::query()->findOrFail(json_decode($console->output(), true)['id']);
        self::assertSame([$kind, false], [$made->page_kind, $made->isLive()]);
        self::assertSame(
            json_decode((string) json_encode($this->template->refresh()->draft_reach), true),
            json_decode((string) json_encode($made->draft_reach), true),
        );
    }

    public function test_who_gets_what_looks_at_one_kind_or_at_all_of_them_and_every_page_stands_there_once(): void
    {
        $this->actingAs($this->owner);
        $seen = [];
        for ($from = 0; ; $from += 50) {
            $answer = $this->getJson("/studio/who/rows?kind=all&from=$from")->assertOk();
            array_push(
                $seen,
                ...array_map(
                    static fn (array $row): string => "{$row['pageKind']} {$row['id']}",
                    $answer->json('rows'),
                ),
            );
            if ($answer->json('total') <= $from + 50) {
                break;
            }
        }
        $expected = 0;
        foreach (array_filter(PageAddresses::names(), PageAddresses::isPage(...)) as $kind) {
            $expected += $this->getJson("/studio/who/rows?kind=$kind")->json('total');
        }
        self::assertSame([$expected, $expected], [count($seen), count(array_unique($seen))]);
        self::assertSame(
            ['collection 6'],
            array_values(array_map(
                static fn (array $row): string => "{$row['pageKind']} {$row['id']}",
                $this->getJson('/studio/who/rows?kind=all&q=everything+teal')->json('rows'),
            )),
        );
        $this->get('/studio/who?kind=all')->assertOk()->assertSee('Every other collection');
    }

    public function test_every_kind_has_starts_that_can_be_read_and_a_fallback(): void
    {
        $starts = $this->app->make(Starts::class);
        $schema = $this->app->make(Composer::class)->schema;
        foreach (PageAddresses::kinds() as $kind) {
            self::assertGreaterThanOrEqual(4, count($starts->list($kind)), 'Three that differ, and a blank one.');
            foreach ($starts->list($kind) as $start) {
                self::assertInstanceOf(
                    Node::class,
                    $starts->tree($kind, $start['name'], $schema),
                    "$kind->value, {$start['name']}",
                );
            }
            self::assertSame(1, DB::table('fallbacks')->where('page_kind', $kind->value)->count());
        }
        self::assertNull($starts->tree(PageKind::Home, 'shelves', $schema));
        self::assertNull($starts->tree(PageKind::Tag, 'window', $schema));
    }

    /**
     * @param  array<string, string>  $season
     * @param  list<mixed>  $show
     */
    private function begin(string $kind, array $season = [], array $show = [[]]): void
    {
        self::assertArrayHasKey($kind, self::KINDS, "This test has no page of the kind $kind.");
        [$slug, $start, $block] = self::KINDS[$kind];
        $this->actingAs($this->owner);
        DB::table('searches')->insertOrIgnore(['name' => 'fountain', 'name_folded' => 'fountain', 'results' => 16]);
        $this->kind = PageKind::from($kind);
        $this->slug = $slug;
        $this->address = PageAddresses::address($this->kind, $slug);
        $this->subject = (int) $this->app->make(PagesOfTheShop::class)->get($this->kind)->bySlug($slug)?->id();
        $template = $this->app->make(Templates::class)->fromStart('One page', $start, $this->owner, $this->kind);
        self::assertNotNull($template);
        $this->template = $template;
        $this->edit($template, [
            'edit' => 'reach',
            'reach' => ['format' => 2, 'show' => $show, 'keepOff' => [], 'season' => $season, 'goesFirst' => true],
        ]);
        $this->mark = $this->block($template, $block);
    }

    private function page(): string
    {
        $this->anew();

        return (string) preg_replace(
            ['/nonce="[^"]*"/', '/name="_token" value="[^"]*"/'],
            '',
            (string) $this->get($this->address)
                ->assertStatus($this->kind === PageKind::NotFound ? 404 : 200)
                ->getContent(),
        );
    }

    private function pages(): int
    {
        $pages = $this->app->make(PagesOfTheShop::class)->get($this->kind);

        return (int) DB::scalar("select count(*) from {$pages->table()} p where {$pages->shown()}");
    }
}
