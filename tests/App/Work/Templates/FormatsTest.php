<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Templates;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Drafting\Drafting;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\TreeReader;
use Vestibra\Tests\App\TestCase;

/** What earlier versions stored is read: whole databases, trees, steps, releases and what was copied. */
final class FormatsTest extends TestCase
{
    private string $file = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-11-26 10:00:00');
        $this->file = (string) tempnam(sys_get_temp_dir(), 'vestibra');
        config(['database.connections.sqlite.database' => $this->file]);
        DB::purge();
        DB::connection()->getPdo()->exec((string) file_get_contents(__DIR__.'/formats/2026-11-26.sql'));
        $this->app->make(Kernel::class)->call('migrate', ['--force' => true]);
        $this->owner = User::query()->firstOrFail();
        $this->actingAs($this->owner);
    }

    protected function tearDown(): void
    {
        DB::purge();
        unlink($this->file);
        parent::tearDown();
    }

    public function test_every_page_of_an_earlier_database_is_answered(): void
    {
        $seen = 0;
        foreach (DB::table('products')->pluck('slug') as $slug) {
            $page = $this->get("/p/$slug");
            $published = (bool) DB::table('products')->where('slug', $slug)->value('published');
            $published ? $page->assertOk() : $page->assertNotFound();
            $seen += (int) $published;
        }
        self::assertGreaterThan(10, $seen);
        foreach (DB::table('categories')->pluck('slug') as $slug) {
            $this->get("/c/$slug")->assertOk();
        }
        foreach (['collections' => 'collection', 'brands' => 'brand', 'tags' => 'tag'] as $table => $path) {
            foreach (DB::table($table)->pluck('slug') as $slug) {
                $this->get("/$path/$slug")->assertOk();
            }
        }
        $this->get('/')->assertOk();
        $this->get('/all')->assertOk();
        $this->get('/p/teal-tide-bottled-ink')->assertSee('Told of this ink alone.');
        $this->get('/p/harbour-fountain-pen')->assertSee('Packed in paper.');
        $this->get('/studio/templates')->assertOk()
            ->assertSee('Our promise')
            ->assertDontSee('"name":"Let go","live"', false);
    }

    public function test_short_descriptions_in_plain_words_are_rich_text_now_and_so_is_what_is_taken_back(): void
    {
        self::assertSame(
            0,
            DB::table('products')->where('short_description', '<>', '')
                ->where('short_description', 'not like', '<p>%')
                ->count(),
        );
        $rich = DB::table('products')->where('id', 1)->value('short_description');
        DB::table('products')
            ->where('id', 1)
            ->update(['short_description' => "Ink & pens < 5 £.\nOr more.\n\nOf all kinds."]);
        DB::table('catalogue_entries')->insert([
            'id' => 1, 'user_id' => $this->owner->id, 'at' => '2026-11-26 09:00:00', 'words' => 'x', 'format' => 1,
            'moves' => '{"moves":[],"numbers":{}}',
            'changes' => json_encode([
                [
                    'thing' => 'product',
                    'id' => 1,
                    'before' => ['shortDescription' => 'For "pens" & ink', 'published' => true],
                    'after' => [
                        'shortDescription' => "Ink & pens < 5 £.\nOr more.\n\nOf all kinds.",
                        'published' => true,
                    ],
                ],
                ['thing' => 'tag', 'id' => 9, 'before' => null, 'after' => ['name' => 'A']],
            ]),
        ]);

        (require database_path('migrations/2026_11_26_000011_rich_short_descriptions.php'))->up();
        self::assertStringStartsWith('<p>', (string) $rich);
        self::assertSame(
            '<p>Ink &amp; pens &lt; 5 £.<br />Or more.</p><p>Of all kinds.</p>',
            DB::table('products')->where('id', 1)->value('short_description'),
        );
        $this->postJson('/studio/catalogue/entries/1/take-back')->assertStatus(409);
        DB::table('catalogue_entries')->where('id', 1)->update(['changes' => json_encode(
            array_slice((array) json_decode((string) DB::table('catalogue_entries')->value('changes'), true), 0, 1),
        )]);
        $this->postJson('/studio/catalogue/entries/1/take-back')->assertOk();
        self::assertSame(
            '<p>For "pens" &amp; ink</p>',
            DB::table('products')->where('id', 1)->value('short_description'),
        );
    }

    public function test_what_blocks_appear_only_where_still_decides(): void
    {
        $all = Template::query()->where('name', 'Every block')->firstOrFail();
        $price = $this->block($all, 'price');
        $onSale = DB::table('variants')->where('sale_price', '>', 0)->pluck('product_id')->all();
        self::assertNotSame([], $onSale);
        foreach (DB::table('products')->where('published', true)->pluck('id', 'slug') as $slug => $id) {
            $html = (string) $this->get("/studio/templates/$all->id/page/$id")->assertOk()->getContent();
            self::assertSame(in_array($id, $onSale, true), str_contains($html, "data-b=\"$price\""), (string) $slug);
        }
    }

    public function test_every_draft_opens_and_every_step_is_taken_back_and_done_again(): void
    {
        foreach (Template::query()->whereNull('let_go_at')->get() as $template) {
            $this->get("/studio/templates/$template->id")->assertOk();
        }
        $all = Template::query()->where('name', 'Every block')->firstOrFail();
        $drafting = $this->app->make(Drafting::class);
        $now = $all->draft_tree;
        $undone = 0;
        while (is_object($drafting->undo($all->id, $this->owner))) {
            $undone++;
        }
        self::assertGreaterThan(30, $undone);
        self::assertNull($drafting->next($all, $this->owner)['undo'], 'Every step was taken back.');
        for ($step = 0; $step < $undone; $step++) {
            self::assertIsObject($drafting->redo($all->id, $this->owner), "step $step");
        }
        self::assertEquals($now, $all->refresh()->draft_tree);
    }

    public function test_the_step_that_was_undone_then_is_done_again_now(): void
    {
        $all = Template::query()->where('name', 'Every block')->firstOrFail();
        $badges = $this->block($all, 'badges');
        self::assertStringNotContainsString('hasReviews', (string) json_encode($all->draft_tree));
        DB::table('draft_steps')->where('template_id', $all->id)->where('origin', 'undone')->update(['spent' => false]);
        self::assertIsObject($this->app->make(Drafting::class)->redo($all->id, $this->owner));
        $tree = $this->app->make(\Vestibra\App\Reach\Trees\StoredDrafts::class)->tree($all->refresh()->draft_tree);
        self::assertSame(
            [['field' => 'rating', 'comparison' => 'hasReviews', 'values' => []]],
            $tree->find($badges)?->when['where'] ?? null,
        );
    }

    public function test_every_release_is_listed_and_can_be_taken_back(): void
    {
        $listed = (string) $this->get('/studio/releases')->assertOk()->getContent();
        self::assertStringContainsString('With its story', $listed);
        $releases = Release::query()->where('state', Release::DONE)->latest('id')->get();
        self::assertGreaterThan(3, count($releases));
        foreach ($releases as $release) {
            foreach ([...$release->impact['moves'], ...$release->impact['newLook']] as $group) {
                self::assertSame('product', $group['pageKind']);
                self::assertCount(min(5, $group['count']), $group['pages']);
            }
            self::assertIsObject(
                $this->app->make(Releases::class)->bringBack($release->id, $this->owner),
                "release $release->id",
            );
        }
        self::assertSame(
            1,
            Template::query()->where('page_kind', 'product')->whereNotNull('live_revision')->count(),
            'Only the fallback is live.',
        );
        $this->get('/p/teal-tide-bottled-ink')->assertOk()->assertDontSee('Told of this ink alone.');
    }

    public function test_the_release_that_waited_is_made_when_its_time_comes(): void
    {
        $this->travelTo('2026-12-01 09:30:00');
        self::assertSame(1, $this->app->make(Releases::class)->runDue());
        self::assertTrue(Template::query()->where('name', 'Sale')->firstOrFail()->isLive());
    }

    public function test_nothing_counts_as_changed_because_it_is_written_differently_now(): void
    {
        self::assertSame(
            [
                'Every block' => true, 'Everything else' => false, 'Our promise' => false, 'Pens' => false,
                'Sale' => true,
            ],
            Template::query()->whereIn('name', ['Every block', 'Everything else', 'Our promise', 'Pens', 'Sale'])
                ->oldest('name')
                ->get()
                ->mapWithKeys(static fn (Template $one): array => [$one->name => $one->isChanged()])->all(),
        );
    }

    public function test_what_was_copied_then_can_be_pasted_now(): void
    {
        $sale = Template::query()->where('name', 'Sale')->firstOrFail();
        $node = [
            'id' => 'pasted',
            'kind' => 'text',
            'what' => ['text' => 'Only while it lasts.'],
            'when' => ['product' => [['field' => 'stock', 'comparison' => 'atMost', 'values' => [3]]]],
        ];
        $edit = ['edit' => 'insert', 'parent' => $this->block($sale, 'column'), 'after' => null, 'node' => $node];
        $this->postJson("/studio/templates/$sale->id/edits", ['edits' => [$edit], 'format' => 2])->assertStatus(422);
        $this->postJson("/studio/templates/$sale->id/edits", ['edits' => [$edit], 'format' => 1])->assertOk();
        self::assertStringContainsString(
            '"where":[{"field":"stock"',
            (string) json_encode($sale->refresh()->draft_tree),
        );
    }

    /** @return iterable<string, array{string}> */
    public static function formats(): iterable
    {
        foreach (glob(__DIR__.'/formats/*.json') ?: [] as $file) {
            yield basename($file) => [$file];
        }
    }

    #[DataProvider('formats')]
    public function test_a_tree_and_a_reach_of_every_format_render(string $file): void
    {
        $stored = json_decode((string) file_get_contents($file), true);
        DB::table('templates')
            ->where('name', 'Everything else')
            ->update(['live_tree' => json_encode($stored['tree']), 'live_reach' => json_encode($stored['reach'])]);
        $this->get('/p/teal-tide-cartridges')->assertOk()->assertSee('Teal Tide cartridges');
        $tree = (new TreeReader(
            $this->app->make(Composer::class)->schema,
            $this->app->make(\Vestibra\Core\Templates\Ids::class),
        ))->parseTree($stored['tree']);
        self::assertInstanceOf(Node::class, $tree);
        self::assertSame(TreeReader::FORMAT, TreeReader::write($tree)['format']);
        if (basename($file) !== '1.json') {
            $this->get('/p/teal-tide-cartridges')->assertSee('Also nice');
            $picked = array_values(array_filter(
                iterator_to_array($tree->walk(), false),
                static fn (Node $node): bool => $node->id === 'picked',
            ))[0];
            self::assertSame(['product-grid', 'chosen', true, [2, 3], 3], [
                $picked->kind, $picked->what['feed'], $picked->what['titled'], $picked->what['products'],
                $picked->how['desktop']['perRow'],
            ]);
        }
    }

    public function test_there_is_a_file_of_every_format(): void
    {
        self::assertSame(
            array_map(static fn (int $format): string => "$format.json", range(1, TreeReader::FORMAT)),
            array_keys(iterator_to_array(self::formats())),
        );
    }
}
