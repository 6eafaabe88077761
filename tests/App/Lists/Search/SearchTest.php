<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Lists\Search;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Lists\Search\Searches;
use Vestibra\App\Lists\Search\SearchHits;
use Vestibra\App\Lists\Search\SearchIndex;
use Vestibra\App\Lists\Search\SearchSettings;
use Vestibra\App\Records\Catalogue\Sql\ProductIndex;
use Vestibra\Core\Selling\Search\Query;
use Vestibra\Tests\App\TestCase;

/** What a search finds, in which order, and what is kept of it. */
final class SearchTest extends TestCase
{
    private const INK = 'Teal Tide bottled ink';

    public function test_words_are_found_in_every_field_and_wherever_they_begin(): void
    {
        $ink = $this->id('products', self::INK);
        DB::table('variants')
            ->where('id', DB::table('variants')->where('product_id', $ink)->value('id'))
            ->update(['sku' => 'QX-77-LONG', 'barcode' => '4006381333931']);
        DB::table('products')->where('id', $ink)->update(
            ['description' => '<p>Made with <b>zirconium</b>.</p>', 'short_description' => 'Smells of heather.'],
        );
        ProductIndex::refresh($ink);

        foreach ([
            'teal tide', 'TEAL', 'bott', 'zircon', 'heather', 'inks bottled', '30 ml', 'qx-77-long', 'qx-77',
            '4006381333931', 'QX 77 LONG',
        ] as $words) {
            self::assertContains(self::INK, $this->titles($words), $words);
        }
        self::assertNotContains(self::INK, $this->titles('teal notebook'), 'All words have to be there.');
    }

    /** Whatever is renamed, moved or filled in is found by its new words, and by its old ones no longer. */
    public function test_what_changes_in_the_catalogue_is_found_by_its_new_words(): void
    {
        $pen = $this->id('products', 'Quillon fountain pen');
        $teal = (int) DB::scalar("select id from option_values where label = 'Teal' and option_id = ?", [$this
            ->id('options', 'Colour')]);
        $save = function (string $thing, int $id, string $field, mixed $before, mixed $after): void {
            $this->actingAs($this->owner)->postJson('/studio/catalogue/save', ['changes' => [[
                'thing' => $thing, 'id' => $id, 'before' => [$field => $before], 'after' => [$field => $after],
            ]]])->assertOk();
            $this->anew();
        };
        $save('option-value', $teal, 'label', 'Teal', 'Kingfisher');
        self::assertContains('Quillon fountain pen', $this->titles('kingfisher'));
        $save('category', $this->id('categories', 'Pens'), 'name', 'Pens', 'Scribblers');
        self::assertContains(
            'Quillon fountain pen',
            $this->titles('scribblers'),
            'By the name of a category above its own.',
        );
        $save(
            'category',
            $this->id('categories', 'Fountain pens'),
            'parent',
            $this->id('categories', 'Scribblers'),
            $this->id('categories', 'Inks'),
        );
        self::assertNotContains('Quillon fountain pen', $this->titles('scribblers'));
        self::assertContains('Quillon fountain pen', $this->titles('inks'));
        DB::table('fact_values')->where('product_id', $pen)->where('fact_id', $this->id('facts', 'Material'))->delete();
        $this->postJson('/studio/facts/values', ['changes' => [
            ['product' => $pen, 'fact' => $this->id('facts', 'Material'), 'written' => ['Zirconium'], 'before' => []],
        ]])->assertOk();
        $this->anew();
        self::assertContains('Quillon fountain pen', $this->titles('zirconium'));
        $this->deleteJson('/studio/facts/'.$this->id('facts', 'Material'))->assertSuccessful();
        self::assertSame([], $this->titles('zirconium'));
    }

    public function test_accents_do_not_matter_either_way(): void
    {
        $this->retitle(self::INK, 'Crème Brûlée ink');

        self::assertSame(['Crème Brûlée ink'], $this->titles('creme brulee'));
        self::assertSame(['Crème Brûlée ink'], $this->titles('crème brûlée'));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function slips(): iterable
    {
        yield 'swapped' => ['fountian', ['fountain']];
        yield 'left out' => ['notebok', ['notebook']];
        yield 'one too many' => ['pencill', ['pencil']];
        yield 'another letter' => ['bottlad', ['bottled']];
        yield 'none in short words' => ['imk', []];
    }

    /** @param  list<string>  $instead */
    #[DataProvider('slips')]
    public function test_small_typing_errors_are_forgiven_and_it_is_said(string $typed, array $instead): void
    {
        $hits = $this->find($typed);

        self::assertSame(
            $instead === [] ? [] : [$typed => $instead],
            array_map(
                static fn (array $near): array => array_values(array_intersect($near, $instead)),
                $hits->corrected(),
            ),
        );
        self::assertSame($instead !== [], $hits->total > 0);
    }

    public function test_a_word_that_nothing_has_is_left_out_and_it_is_said(): void
    {
        $hits = $this->find('xyzzy notebook');

        self::assertSame(
            [['xyzzy'], 0, $this->find('notebook')->total],
            [$hits->leftOut, $hits->withAll(), $hits->total],
        );
        $this->get('/search?q=xyzzy+notebook')->assertSee('Nothing has “xyzzy”. You see what has the other words.');
        self::assertSame([0, []], [$this->find('xyzzy')->total, $this->find('xyzzy')->leftOut]);
    }

    public function test_the_order_is_code_title_brand_the_rest_and_what_can_be_had_before_what_is_sold_out(): void
    {
        $named = [
            'Quillon fountain pen' => 'Zephyr pen', 'Kestrel fountain pen' => 'Zephyrine pen',
            'Harbour fountain pen' => 'Plain pen', 'Palette fountain pen' => 'Other pen',
            'Windrow fountain pen' => 'Zephyr pen too', 'Almanac fountain pen' => 'Last pen',
        ];
        $ids = [];
        foreach ($named as $was => $title) {
            $ids[$title] = $this->id('products', $was);
            DB::table('products')->where('id', $ids[$title])->update([
                'title' => $title, 'short_description' => '', 'description' => '', 'brand_id' => null,
            ]);
            DB::table('variants')->where('product_id', $ids[$title])->update(['stock' => 5]);
        }
        DB::table('variants')->where('product_id', $ids['Zephyr pen'])->update(['stock' => 0]);
        DB::table('products')->where('id', $ids['Plain pen'])->update(['brand_id' => DB::table('brands')
            ->insertGetId(['name' => 'Zephyr', 'name_folded' => 'zephyr', 'slug' => 'zephyr'])]);
        DB::table('products')->where('id', $ids['Other pen'])->update(['description' => 'Light as a zephyr.']);
        DB::table('variants')
            ->where('id', DB::table('variants')->where('product_id', $ids['Last pen'])->value('id'))
            ->update(['sku' => 'zephyr']);
        ProductIndex::refresh(...array_values($ids));

        self::assertSame(
            ['Last pen', 'Zephyr pen too', 'Zephyr pen', 'Zephyrine pen', 'Plain pen', 'Other pen'],
            $this->titles('zephyr'),
        );
    }

    /**
     * The formula as SQLite's documentation gives it, worked out by hand: sqlite.org/fts5.html#the_bm25_function, after
     * Robertson and Zaragoza 2009, equation 3.15.
     */
    public function test_within_a_field_it_is_bm25(): void
    {
        $documents = [
            'ink', 'ink ink blue', 'blue paper of many words that are long', 'red pen',
            'green pen and blue ink in a box', 'paper',
        ];
        DB::statement(
            "create virtual table temp.hand using fts5(title, words, tokenize = 'unicode61 remove_diacritics 2')",
        );
        foreach ($documents as $at => $words) {
            DB::insert(
                'insert into temp.hand (rowid, title, words) values (?, ?, ?)',
                [$at + 1, $at === 4 ? 'ink' : '', $words],
            );
        }
        $length = array_map(
            static fn (string $words, int $at): int => count(explode(' ', $words)) + ($at === 4 ? 1 : 0),
            $documents,
            array_keys($documents),
        );
        $average = array_sum($length) / count($length);
        $by = [];
        foreach ($documents as $at => $words) {
            $score = 0.0;
            foreach (['ink', 'blue'] as $word) {
                $in = count(array_filter(
                    $documents,
                    static fn (string $one): bool => in_array($word, explode(' ', $one), true),
                ));
                $often = count(array_keys(explode(' ', $words), $word, true)) * 2
                    + ($word === 'ink' && $at === 4 ? 10 : 0);
                $rare = max(1e-6, log((count($documents) - $in + 0.5) / ($in + 0.5)));
                $score += $rare * $often * 2.2 / ($often + 1.2 * (0.25 + 0.75 * $length[$at] / $average));
            }
            $by[$at + 1] = $score;
        }
        foreach (DB::select(
            "select rowid, bm25(hand, 10.0, 2.0) as score from temp.hand where hand match 'ink AND blue'",
        ) as $row) {
            self::assertEqualsWithDelta(-$by[$row->rowid], $row->score, 1e-6);
        }
    }

    public function test_a_field_that_counts_for_nothing_is_not_searched_and_weights_decide_among_those_alike(): void
    {
        $ink = $this->id('products', self::INK);
        DB::table('products')->where('id', $ink)->update(['description' => 'zirconium']);
        ProductIndex::refresh($ink);
        self::assertSame([self::INK], $this->titles('zirconium'));
        self::assertSame(
            [self::INK],
            array_column($this->getJson('/search/suggestions?q=zircon')->json('products'), 'words'),
        );
        SearchSettings::set(['description' => 0]);
        $this->anew();
        self::assertSame([], $this->titles('zirconium'));
        self::assertSame([], $this->getJson('/search/suggestions?q=zircon')->json('products'));
        SearchSettings::set(array_map(static fn (): int => 0, SearchSettings::weights()));
        $this->anew();
        self::assertSame([], $this->getJson('/search/suggestions?q=teal')->assertOk()->json('products'));
    }

    /** @return iterable<string, array{string}> */
    public static function awkward(): iterable
    {
        yield 'quotes' => ['"teal" \'ink\''];
        yield 'operators' => ['teal AND (ink OR NOT pen) NEAR/2 -x ^y *'];
        yield 'a column of the index' => ['title:teal'];
        yield 'only operators' => ['" AND * ( ) :'];
        yield 'only marks' => ['"""'];
        yield 'emoji' => ['🖋️💌'];
        yield 'ten thousand letters' => [str_repeat('teal ', 2_000)];
        yield 'one endless word' => [str_repeat('x', 10_000)];
        yield 'from right to left' => ["\u{202E}laet"];
        yield 'SQL' => ["teal'); drop table products; --"];
        yield 'percent' => ['100% _ %'];
    }

    #[DataProvider('awkward')]
    public function test_whatever_is_typed_has_an_answer(string $query): void
    {
        $this->get('/search?'.http_build_query(['q' => $query]))
            ->assertOk()
            ->assertSee('name="robots" content="noindex"', false);
        $this->getJson('/search/suggestions?'.http_build_query(['q' => $query]))->assertOk()->assertJsonStructure([
            'said', 'queries', 'categories', 'products',
        ]);
        self::assertGreaterThan(100, DB::table('products')->count());
    }

    public function test_nothing_typed_asks_for_something(): void
    {
        $this->get('/search')->assertOk()->assertSee('Type what you are looking for');
        $this->get('/search?q[]=teal&page[]=2')->assertOk()->assertSee('Type what you are looking for');
    }

    public function test_what_customers_look_for_is_counted_by_day_and_nothing_else_is_kept(): void
    {
        $this->travelTo('2026-12-01 11:00:00');
        foreach (['jotter', ' JOTTER ', 'teal'] as $query) {
            $this->get('/search?'.http_build_query(['q' => $query]));
        }
        $this->get('/search?q=teal&page=2');
        $this->get('/search?q=teal&sort=cheap');
        $this->getJson('/search?q=teal');
        $this->get('/search?q=%22*');
        $this->travelTo('2026-12-02 11:00:00');
        $this->get('/search?q=jotter');

        self::assertSame(
            [['jotter', '2026-12-01', 2], ['teal', '2026-12-01', 1], ['jotter', '2026-12-02', 1]],
            array_map(
                static fn (object $row): array => array_values((array) $row),
                DB::select(
                    'select s.name, d.day, d.times from search_days d join searches s on s.id = d.search_id order by '
                        .'d.day, d.times desc',
                ),
            ),
        );
        self::assertSame(
            ['id', 'name', 'name_folded', 'results', 'is_sample', 'as_typed'],
            array_column(DB::select('pragma table_info(searches)'), 'name'),
        );
        $this->actingAs($this->owner)->get('/search?q=tried');
        self::assertSame(
            0,
            DB::table('searches')->where('name', 'tried')->count(),
            'What the owner tries is nothing that customers looked for.',
        );
    }

    public function test_what_is_long_ago_is_forgotten(): void
    {
        $this->travelTo('2026-06-01 11:00:00');
        $this->get('/search?q=jotter');
        $this->travelTo('2026-12-01 11:00:00');
        $this->get('/search?q=teal');

        self::assertSame(
            [0, 1],
            [DB::table('searches')->where('name', 'jotter')->count(), DB::table('search_days')->count()],
        );
        self::assertGreaterThan(0, DB::table('searches')->where('is_sample', true)->count());
    }

    public function test_customers_look_for_a_thing_under_another_word_until_the_owner_says_that_it_is_the_same(): void
    {
        $this->get('/search?q=jotter')->assertSee('Nothing matches all of these words');
        $this->actingAs($this->owner);
        $this->get('/studio/today')->assertSee('1 thing that customers looked for found nothing.');
        $this->getJson('/studio/search/rows')->assertJsonPath('rows.0.name', 'jotter')
            ->assertJsonPath('rows.0.results', 0)
            ->assertJsonPath('total', 1);
        $kept = $this->postJson('/studio/search/words', ['words' => ['jotter', 'Notebook']])->assertCreated();
        self::assertSame([['jotter', 'Notebook']], array_column($kept->json('groups'), 'words'));
        self::assertSame($this->find('notebook')->total, $this->find('JOTTER')->total);
        $this->getJson('/studio/search/rows')->assertJsonPath('total', 0);
        $this->getJson('/studio/search/rows?show=all')->assertJsonPath('total', 1);
        $this->anew();
        $this->getJson('/studio/search/preview?q=jotter')
            ->assertJsonPath('taken', ['“jotter” means the same as “notebook”'])
            ->assertJsonPath('rows.0.why.0', '“notebook” in its title');
        $this->postJson("/studio/search/words/{$kept->json('id')}/take-out")->assertOk()->assertJsonPath('groups', []);
        self::assertSame(0, $this->find('jotter')->total);
        $this->getJson('/studio/search/rows')->assertJsonPath('rows.0.name', 'jotter');
        $this->postJson("/studio/search/words/{$kept->json('id')}/take-out")->assertNotFound();
    }

    public function test_what_makes_no_sense_is_refused_in_words_and_nothing_is_changed(): void
    {
        $this->actingAs($this->owner);
        foreach ([[], ['one'], ['one', 'ONE'], ['"', 'one'], 'words', [['a'], ['b']], null] as $words) {
            $this->postJson('/studio/search/words', ['words' => $words])->assertStatus(422)->assertJsonPath(
                'message',
                'It takes at least two words that mean the same, with a comma between. Nothing was changed.',
            );
        }
        $this->postJson('/studio/search/words', ['id' => 999, 'words' => ['a', 'b']])->assertNotFound();
        foreach ([[], ['title' => 11], ['title' => 'x'], ['nonsense' => 3], 'x', null] as $weights) {
            $this->postJson('/studio/search/weights', ['weights' => $weights])->assertStatus(422);
        }
        $this->postJson('/studio/search/weights', [
            'weights' => array_map(static fn (): int => 0, SearchSettings::weights()),
        ])
            ->assertStatus(422)
            ->assertJsonPath(
                'message',
                'With nothing searched, nothing would be found. Nothing was changed; let one field count.',
            );
        self::assertSame([0, 10], [DB::table('synonyms')->count(), SearchSettings::weights()['title']]);
        $this->postJson('/studio/search/weights', ['weights' => ['title' => 3] + SearchSettings::weights()])
            ->assertOk()
            ->assertJsonPath('weights.0.weight', 3);
    }

    public function test_suggestions_are_searches_that_found_something_categories_and_products(): void
    {
        foreach (['fountain pen', 'fountian', 'fountain of youth'] as $query) {
            $this->get('/search?'.http_build_query(['q' => $query]));
        }
        $answer = $this->getJson('/search/suggestions?q=fount')->assertOk();

        self::assertSame(
            ['fountain pen'],
            array_column($answer->json('queries'), 'words'),
            'Neither what was mistyped nor what found nothing.',
        );
        self::assertSame(['Fountain pens'], array_column($answer->json('categories'), 'words'));
        self::assertCount(5, $answer->json('products'));
        self::assertStringContainsString('fountain', mb_strtolower($answer->json('products.0.words')));
        self::assertSame([], $this->getJson('/search/suggestions?q=')->json('products'));
        self::assertNotSame([], $this->getJson('/search/suggestions?q=notebok')->json('products'), 'With a slip too.');
    }

    public function test_hidden_products_are_found_nowhere(): void
    {
        DB::table('products')->where('title', self::INK)->update(['published' => 0]);

        self::assertNotContains(self::INK, $this->titles('teal tide'));
        self::assertNotContains(
            self::INK,
            array_column($this->getJson('/search/suggestions?q=teal+tide')->json('products'), 'words'),
        );
    }

    public function test_words_that_somebody_could_have_meant(): void
    {
        $this->actingAs($this->owner);

        self::assertContains('letter', $this->getJson('/studio/search/near?q=latter')->json('words'));
        self::assertSame([], $this->getJson('/studio/search/near?q=')->json('words'));
        self::assertSame(30, Searches::PAGE);
    }

    /** @return list<string> the best first */
    private function titles(string $words): array
    {
        return array_column(
            DB::select(
                'select p.title from '
                    .$this->find($words)->table
                    .' f join products p on p.id = f.product_id order by f.place',
            ),
            'title',
        );
    }

    private function find(string $words): SearchHits
    {
        return (new SearchIndex)->find(Query::of($words));
    }

    private function retitle(string $was, string $title): void
    {
        $id = $this->id('products', $was);
        DB::table('products')->where('id', $id)->update(['title' => $title]);
        ProductIndex::refresh($id);
    }
}
