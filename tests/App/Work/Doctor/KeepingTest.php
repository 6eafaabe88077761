<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Doctor;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Vestibra\App\Ground\DiskRoom;
use Vestibra\App\Lists\Orders\KeptOrders;
use Vestibra\App\PagesOut\PageMaker;
use Vestibra\App\Reach\Numbers\KeepingCounts;
use Vestibra\App\Reach\Rules\KeepingVerdicts;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Doctor\Doctor;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Definition;
use Vestibra\Tests\App\TestCase;

/** The doctor, files in and out, and what Today says. */
final class KeepingTest extends TestCase
{
    public function test_the_doctor_says_that_room_is_getting_short_before_nothing_can_be_kept(): void
    {
        // What it keeps for itself is written by then.
        $this->app->make(Doctor::class)->examine(false);
        $kept = (int) filesize(config()->string('database.connections.sqlite.database'))
            + (int) DB::table('stored_files')->sum('bytes');
        foreach ([[2 * $kept + 200_000_001, []], [2 * $kept + 199_000_000, ['room']], [43_000_000, ['room']]] as [
            $free,
            $expected,
        ]) {
            $this->app->instance(
                DiskRoom::class,
                new DiskRoom(static fn (string $folder): float => is_dir($folder) ? (float) $free : 0.0),
            );
            $findings = array_column($this->app->make(Doctor::class)->examine(false), 'words', 'what');
            self::assertSame($expected, array_values(array_intersect(['room'], array_keys($findings))), "$free bytes");
        }
        self::assertStringStartsWith(
            'Room is getting short: 43 MB are left on the disk, and a backup takes up to ',
            $findings['room'] ?? '',
        );
        $this->app->instance(DiskRoom::class, new DiskRoom(static fn (): false => false));
        self::assertNotContains(
            'room',
            array_column($this->app->make(Doctor::class)->examine(false), 'what'),
            'Where nobody can tell, nothing is said.',
        );
    }

    public function test_the_doctor_finds_what_is_wrong_and_mends_what_can_be(): void
    {
        DB::table('products')->where('id', 1)->update(['title' => 'Teal Tide, renamed by hand']);
        $template = $this->template();
        $category = $this->id('categories', 'Seals and wax');
        $this->edit($template, $this->reach([['category', 'isIn', [$category]]]));
        DB::table('category_product')->where('category_id', $category)->delete();
        DB::table('products')->where('main_category_id', $category)->update(['main_category_id' => null]);
        DB::table('categories')->where('id', $category)->delete();
        $found = array_column($this->findings('vestibra:doctor --json'), 'what');
        self::assertContains('stale', $found);
        self::assertContains('rule', $found);

        $this->findings('vestibra:doctor --mend --json');
        self::assertNotContains(
            'stale',
            array_column($this->findings('vestibra:doctor --json'), 'what'),
        );
        self::assertSame(
            ['by', 'hand', 'renamed', 'teal', 'tide'],
            DB::table('title_words')->where('product_id', 1)->orderBy('word')->pluck('word')->all(),
        );
    }

    public function test_the_doctor_has_sqlite_look_at_the_whole_database(): void
    {
        DB::statement('pragma foreign_keys = off');
        DB::table('product_tag')->insert(['product_id' => 1, 'tag_id' => 999]);
        DB::statement('pragma writable_schema = on');
        // An index that was made of another column than it says.
        DB::update(
            "update sqlite_master set sql = replace(sql, '(\"name_folded\")', '(\"name\")') "
                ."where name = 'brands_name_folded_index'",
        );
        DB::purge();
        $words = array_column($this->app->make(Doctor::class)->examine(false), 'words');

        self::assertContains('The database is damaged. Restore the latest backup.', $words);
        self::assertContains('1 row names something that is not there.', $words);
    }

    public function test_the_doctor_asks_every_page_which_template_it_has_and_keeps_that(): void
    {
        $verdicts = $this->app->make(KeepingVerdicts::class);
        $verdicts->rebuild();
        self::assertSame(0, $verdicts->wrong());
        DB::table('kept_verdicts')->where('product_id', '<=', 3)->update(['template_id' => 99]);
        DB::table('kept_verdicts')->where('product_id', 4)->delete();
        DB::table('kept_verdicts')->insert(['product_id' => 9_999, 'template_id' => 1, 'claims' => ',']);

        self::assertContains(
            '5 pages are kept with another template than the rules give.',
            array_column($this->findings('vestibra:doctor --mend --json'), 'words'),
        );
        self::assertSame(0, $verdicts->wrong());
    }

    public function test_the_doctor_counts_products_and_asks_what_orders_go_by_and_keeps_that(): void
    {
        $counts = $this->app->make(KeepingCounts::class);
        $orders = $this->app->make(KeptOrders::class);
        $counts->bringUp();
        $orders->bringUp();
        self::assertSame([0, 0], [$counts->wrong(), $orders->wrong()]);
        DB::table('kept_counts')->where('thing', 'category')->limit(2)->update(['products' => 4_321]);
        DB::table('kept_counts')->where('thing', 'fact')->limit(1)->update(['products' => 4_321]);
        DB::table('kept_orders')->where('id', 1)->update(['lowest' => 1]);
        DB::table('kept_orders')->where('id', 2)->update(['saving' => 0.9]);
        DB::table('kept_orders')->where('id', 3)->update(['rating' => 0.9]);
        DB::table('kept_orders')->where('id', 4)->update(['reviews' => 99]);
        DB::table('kept_orders')->where('id', 5)->delete();
        DB::table('kept_orders')->insert([
            'id' => 9_999, 'rating' => 0, 'reviews' => 0, 'awkward' => 0, 'ordinary' => 0, 'title' => '',
        ]);

        $words = array_column($this->findings('vestibra:doctor --mend --json'), 'words');
        self::assertContains('3 numbers of products are not true any more.', $words);
        self::assertContains('6 products are kept with another price, saving or rating than customers see.', $words);
        self::assertSame([0, 0], [$counts->wrong(), $orders->wrong()]);
        self::assertNotContains(4_321, DB::table('kept_counts')->pluck('products')->all());
    }

    public function test_a_template_goes_out_as_a_file_and_comes_in_as_a_draft_that_appears_nowhere(): void
    {
        $template = $this->template('Bottled inks');
        $this->edit($template, $this->reach([['sale', 'isOn', []]]));
        $file = (string) tempnam(sys_get_temp_dir(), 'vestibra');
        file_put_contents($file, $this->said('vestibra:template export "Bottled inks"'));
        $made = Template::query()
            ->findOrFail(json_decode($this->said("vestibra:template import $file --json"), true)['id']);

        self::assertSame([false, []], [$made->isLive(), $made->draft_reach['show']]);
        self::assertSame($this->kinds($template->draft_tree['page']), $this->kinds($made->draft_tree['page']));
        self::assertNotSame($template->draft_tree['page']['id'], $made->draft_tree['page']['id']);
        $with = Template::query()
            ->findOrFail(json_decode($this->said("vestibra:template import $file --with-reach --json"), true)['id']);
        self::assertSame($template->draft_reach, $with->draft_reach);
    }

    public function test_a_file_that_is_no_template_is_refused_with_a_sentence(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'vestibra');
        foreach ([
            'not json',
            '{}',
            '{"vestibra":"template","format":9}',
            '{"vestibra":"template","format":1,"pageKind":"moon"}',
            '{"vestibra":"template","format":1,"pageKind":"product","tree":{"format":1,"page":{"kind":"smell"}}}',
        ] as $text) {
            file_put_contents($file, $text);
            self::assertNotSame('', trim($this->said("vestibra:template import $file", 1)));
        }
        self::assertStringContainsString('cannot be read', $this->said('vestibra:template import /nowhere/at/all', 1));
        self::assertStringContainsString('There is no template', $this->said('vestibra:template export Nothing', 1));
    }

    public function test_reach_and_releases_on_the_console(): void
    {
        $template = $this->template();
        $this->edit($template, $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]));
        $this->publish($template);
        self::assertStringContainsString(
            '“Bottled inks”: show on category is in Bottled inks.',
            $this->said('vestibra:reach "Bottled inks"'),
        );
        self::assertSame(
            [23, 23],
            array_values(array_intersect_key(
                json_decode($this->said('vestibra:reach "Bottled inks" --json'), true),
                ['covers' => 1, 'shownOn' => 1],
            )),
        );
        self::assertStringContainsString('There is no template', $this->said('vestibra:reach Nothing', 1));
        self::assertStringContainsString('live for the first time', $this->said('vestibra:release'));
        self::assertStringContainsString('as it was before release 1', $this->said('vestibra:release back 1'));
        self::assertStringContainsString('There is no release 99', $this->said('vestibra:release back 99', 1));
        self::assertSame(['made' => 0], json_decode($this->said('vestibra:release due --json'), true));
        self::assertStringContainsString(
            'could not be understood',
            $this->said('vestibra:verdict product teal-tide-bottled-ink --at=soon', 1),
        );
    }

    public function test_today_says_what_needs_attention_each_with_its_next_step(): void
    {
        $this->actingAs($this->owner);
        $template = $this->template('Nothing');
        $this->edit($template, $this->reach([['price', 'atLeast', [99_999_999]]]));
        $this->publish($template);
        DB::table('pins')
            ->insert(['page_kind' => 'product', 'subject_id' => 1, 'template_id' => $this->template('A draft')->id]);
        DB::table('failed_jobs')->insert([
            'uuid' => 'u', 'connection' => 'database', 'queue' => 'default', 'payload' => '{}', 'exception' => 'x',
        ]);
        DB::table('troubles')->insert([
            'template_id' => 1,
            'block_id' => 'b',
            'kind' => 'price',
            'subject_id' => 1,
            'message' => 'x',
            'seen_at' => now(),
        ]);
        $this->get('/studio/today')->assertOk()
            ->assertSee('“Nothing” is live and shown on no page.')
            ->assertSee('is pinned to “A draft”, which is not live')
            ->assertSee('pages are on the fallback')
            ->assertSee('1 piece of work in the background died.')
            ->assertSee('failed on “Teal Tide bottled ink” and was left out');
        $this->postJson('/studio/today/settle/1')->assertOk();
        self::assertSame(0, DB::table('troubles')->count());
    }

    public function test_a_block_that_fails_is_left_out_of_the_shop_and_raised_on_today(): void
    {
        $failing = new class implements BlockKind
        {
            public function definition(): Definition
            {
                return new Definition('rating', 'Rating', null);
            }

            public function compose(Settings $settings, Context $context, array $children): Composed
            {
                throw new RuntimeException('broken');
            }
        };
        $template = $this->template();
        $this->edit(
            $template,
            [
                'edit' => 'insert',
                'parent' => $this->block($template, 'column'),
                'after' => null,
                'node' => ['id' => 'broken', 'kind' => 'rating'],
            ],
            $this->reach([['product', 'isOneOf', [1]]]),
        );
        $this->publish($template);
        $kinds = array_filter(
            (new \ReflectionProperty(Composer::class, 'kinds'))->getValue($this->app->make(Composer::class)),
            static fn (BlockKind $kind): bool => $kind->definition()->kind !== 'rating',
        );
        $this->app->instance(Composer::class, new Composer($failing, ...array_values($kinds)));
        $this->app->forgetInstance(PageMaker::class);

        $this->get('/p/teal-tide-bottled-ink')->assertOk()->assertSee('£9.50')->assertDontSee('broken');
        self::assertSame(['broken', 'rating', 1], [
            DB::table('troubles')->value('block_id'),
            DB::table('troubles')->value('kind'),
            DB::table('troubles')->value('subject_id'),
        ]);
    }

    /**
     * @param  array<string, mixed>  $node
     * @return list<mixed>
     */
    private function kinds(array $node): array
    {
        return [$node['kind'], array_map($this->kinds(...), $node['children'] ?? [])];
    }

    /**
     * Whether something is left that cannot be mended depends on what other tests have drawn.
     *
     * @return list<array{what: string, words: string, mended: bool}>
     */
    private function findings(string $command): array
    {
        $kernel = $this->app->make(Kernel::class);
        $kernel->call($command);

        return json_decode($kernel->output(), true)['findings'];
    }

    private function said(string $command, int $status = 0): string
    {
        $kernel = $this->app->make(Kernel::class);
        $outcome = $kernel->call($command);
        $output = $kernel->output();
        self::assertSame($status, $outcome, $output);

        return $output;
    }
}
