<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Bulk;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PDO;
use Vestibra\App\Doors\Shapes\Shapes;
use Vestibra\App\Reach\Rules\Verdicts;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\App\Work\Bulk\FieldDeeds;
use Vestibra\App\Work\Bulk\FieldOutcome;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Tests\App\Doors\Shapes\Conforming;
use Vestibra\Tests\App\Factories\UserFactory;
use Vestibra\Tests\App\TestCase;

/** The same done to many products: foreseen, made as one, reported, taken back as one. */
final class FieldDeedsTest extends TestCase
{
    /** @var list<int> */
    private array $inks;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-01T12:00:00Z');
        $this->actingAs($this->owner);
        $this->inks = array_map(intval(...), DB::table('category_product')
            ->where('category_id', $this->id('categories', 'Bottled inks'))
            ->orderBy('product_id')
            ->pluck('product_id')
            ->all());
        $this->select($this->inks);
    }

    public function test_it_says_what_it_would_do_and_changes_nothing_then_does_it_and_takes_it_back_to_the_byte(): void
    {
        $everything = $this->everything();
        $changes = [
            ['what' => 'price', 'how' => 'percent', 'amount' => '-10', 'ending' => '.90'],
            ['what' => 'tags', 'in' => [$this->id('tags', 'gift')], 'out' => []],
            ['what' => 'brand', 'set' => $this->id('brands', 'Hallorme')],
        ];
        $asked = $this->change($changes, true)->assertOk()->json();
        self::assertNull((new Conforming(Shapes::ofProject()))->to('FieldOutcome', $asked));
        self::assertSame($everything, $this->everything());
        self::assertSame([0, count($this->inks)], [$asked['entry'], $asked['products']]);

        $before = DB::table('variants')->whereIn('product_id', $this->inks)->pluck('price', 'id')->all();
        $done = $this->change($changes)->assertOk()->json();
        self::assertSame(
            [$asked['changed'], $asked['fields'], $asked['moves']],
            [$done['changed'], $done['fields'], $done['moves']],
            'It does what it said.',
        );
        foreach (DB::table('variants')->whereIn('product_id', $this->inks)->pluck('price', 'id') as $id => $price) {
            self::assertSame(90, $price % 100);
            self::assertLessThanOrEqual(50, abs($price - $before[$id] * 0.9));
        }
        foreach (DB::table('products')->whereIn('id', $this->inks)->pluck('price_low', 'id') as $id => $low) {
            self::assertSame(DB::table('variants')->where('product_id', $id)->min('price'), $low);
        }
        self::assertEqualsCanonicalizing($this->inks, array_values(array_intersect($this->inks, array_map(
            intval(...),
            DB::table('product_words')->whereRaw("product_words match 'brand:hallorme'")->pluck('rowid')->all(),
        ))), 'They are found by their brand.');
        foreach ($this->inks as $id) {
            self::assertTrue(DB::table('product_tag')->where('product_id', $id)
                ->where('tag_id', $this->id('tags', 'gift'))
                ->exists());
        }
        $entries = $this->getJson('/studio/catalogue/entries')->json('entries');
        self::assertSame([$done['entry'], $done['words']], [$entries[0]['id'], $entries[0]['words']]);
        $this->back($done['entry'])->assertOk();
        self::assertSame($everything, $this->everything());
    }

    public function test_the_pages_that_move_are_those_whose_verdict_is_another_one_by_one(): void
    {
        $sale = $this->template('Sale');
        $this->edit($sale, $this->reach([['sale', 'isOn', []]]));
        $this->publish($sale);
        $verdicts = fn (): array => $this->verdicts();
        $before = $verdicts();
        $done = $this->change([[
            'what' => 'sale', 'how' => 'percent', 'amount' => '-20', 'from' => '2026-11-30', 'until' => '2026-12-24',
        ]])->assertOk()->json();
        $after = $verdicts();
        self::assertSame(count(array_diff_assoc($after, $before)), $done['moves']['moved']);
        self::assertGreaterThan(3, $done['moves']['moved']);
        $this->back($done['entry'])->assertOk();
        self::assertSame($before, $verdicts());
    }

    public function test_what_cannot_be_done_to_one_is_said_and_the_others_are_changed(): void
    {
        [$cheap, $dear] = [$this->inks[0], $this->inks[1]];
        DB::table('variants')->where('product_id', $cheap)->update(['price' => 100, 'sale_price' => null]);
        DB::table('variants')->where('product_id', $dear)->update(['price' => 2_000, 'sale_price' => 1_900]);
        $done = $this->change([['what' => 'price', 'how' => 'by', 'amount' => '-2.00']])->assertOk()->json();
        $cheapOnes = DB::table('variants')->where('product_id', $cheap)->count();
        $dearOnes = DB::table('variants')->where('product_id', $dear)->count();
        $others = DB::table('variants')->whereIn('product_id', $this->inks)->whereNotIn('product_id', [$cheap, $dear])
            ->where(static fn ($query) => $query->whereNotNull('sale_price')->whereColumn('sale_price', '>=', 'price'))
            ->count();
        self::assertSame(0, $others);
        self::assertGreaterThanOrEqual($cheapOnes + $dearOnes, $done['refusedCount']);
        $why = array_unique(array_column($done['refused'], 'why'));
        self::assertContains('The price cannot be below nothing. Nothing was saved yet.', $why);
        self::assertSame([100], DB::table('variants')->where('product_id', $cheap)->distinct()->pluck('price')->all());
        self::assertSame([2_000], DB::table('variants')->where('product_id', $dear)->distinct()->pluck('price')->all());
        self::assertGreaterThan(count($this->inks) - 6, $done['changed']);
        self::assertCount(10, $done['lines']);
    }

    public function test_what_is_said_later_goes_by_what_was_said_before(): void
    {
        DB::table('variants')->where('product_id', $this->inks[0])->update(['price' => 900, 'sale_price' => null]);
        $this->change([
            ['what' => 'price', 'how' => 'by', 'amount' => '1.00'],
            ['what' => 'price', 'how' => 'percent', 'amount' => '100'],
            ['what' => 'sale', 'how' => 'percent', 'amount' => '-25'],
        ])->assertOk();
        self::assertSame(
            [[2_000, 1_500]],
            DB::table('variants')->where('product_id', $this->inks[0])->distinct()->get(['price', 'sale_price'])
                ->map(static fn (object $row): array => [$row->price, $row->sale_price])
                ->all(),
        );
    }

    public function test_they_are_put_into_a_collection_behind_what_is_there_and_taken_out_again(): void
    {
        $everything = $this->everything();
        $hand = (int) DB::table('collections')->whereNull('rule')->value('id');
        $rule = (int) DB::table('collections')->whereNotNull('rule')->value('id');
        $held = fn (): array => DB::table('collection_product')->where('collection_id', $hand)->orderBy('position')
            ->pluck('product_id')
            ->all();
        $before = $held();
        $new = array_values(array_diff($this->inks, $before));
        self::assertNotSame([], $new);
        $done = $this->change([['what' => 'collections', 'in' => [$hand], 'out' => []]])->assertOk()->json();
        self::assertSame([...$before, ...$new], $held());
        self::assertSame(count($new), $done['changed']);
        $out = $this->change([['what' => 'collections', 'in' => [], 'out' => [$hand]]])->assertOk()->json();
        self::assertSame(array_values(array_diff($before, $this->inks)), $held());
        $this->back($out['entry'])->assertOk();
        $this->back($done['entry'])->assertOk();
        self::assertSame($everything, $this->everything());

        $refused = $this->change([['what' => 'collections', 'in' => [$rule], 'out' => []]])->assertOk()->json();
        self::assertSame([0, 1], [$refused['entry'], $refused['refusedCount']]);
        self::assertStringContainsString('holds what its rule says', $refused['refused'][0]['why']);
    }

    public function test_what_is_kept_beside_products_follows_a_price_or_a_brand_alone(): void
    {
        $this->change([['what' => 'price', 'how' => 'to', 'amount' => '77']])->assertOk();
        self::assertSame(
            [7_700],
            DB::table('products')->whereIn('id', $this->inks)->distinct()->pluck('price_low')->all(),
        );
        $this->change([['what' => 'brand', 'set' => $this->id('brands', 'Thessamer')]])->assertOk();
        self::assertSame([], array_diff($this->inks, array_map(
            intval(...),
            DB::table('product_words')->whereRaw("product_words match 'brand:thessamer'")->pluck('rowid')->all(),
        )));
    }

    public function test_what_somebody_saves_while_it_is_prepared_is_not_overwritten(): void
    {
        $deeds = $this->app->make(FieldDeeds::class);
        $variant = (int) DB::table('variants')->where('product_id', $this->inks[1])->value('id');
        $at = 0;
        $done = $deeds->run(
            $this->inks,
            $deeds->read([['what' => 'price', 'how' => 'to', 'amount' => '55']]),
            $this->owner,
            function (string $what) use ($variant, &$at): bool {
                if ($what === 'looked at' && $at++ === 0) {
                    DB::table('catalogue_entries')->insert([
                        'user_id' => $this->owner->id, 'at' => now(), 'words' => '', 'format' => 1, 'changes' => '[]',
                        'moves' => '{"moves":[],"numbers":{}}',
                    ]);
                }
                $what === 'made' && DB::table('variants')->where('id', $variant)->update(['price' => 1_111]);

                return true;
            },
        );
        self::assertIsArray($done, 'Somebody was there first.');
        self::assertSame('catalogue.changed-since', $done[0]->code->value);
        self::assertSame(0, DB::table('variants')->where('price', 5_500)->count());
    }

    public function test_what_somebody_has_changed_since_is_left_and_named(): void
    {
        $done = $this->change([
            ['what' => 'brand', 'set' => $this->id('brands', 'Hallorme')],
            ['what' => 'tags', 'in' => [$this->id('tags', 'gift')], 'out' => []],
        ])->assertOk()->json();
        $title = (string) DB::table('products')->where('id', $this->inks[2])->value('title');
        $this->postJson('/studio/catalogue/save', ['changes' => [[
            'thing' => 'product', 'id' => $this->inks[2], 'before' => ['brand' => $this->id('brands', 'Hallorme')],
            'after' => ['brand' => $this->id('brands', 'Thessamer')],
        ]]])->assertOk();
        $back = $this->back($done['entry'])->assertOk()->json();
        self::assertSame([[$title], 1], [$back['left'], $back['leftCount']]);
        self::assertSame(
            $this->id('brands', 'Thessamer'),
            (int) DB::table('products')->where('id', $this->inks[2])->value('brand_id'),
        );
        self::assertFalse(DB::table('products')->whereIn('id', array_diff($this->inks, [$this->inks[2]]))
            ->where('brand_id', $this->id('brands', 'Hallorme'))
            ->whereNotIn('title', $this->ofHallorme())
            ->exists());
        $this->back($done['entry'])->assertStatus(422)->assertSee('taken back already');
    }

    public function test_they_are_hidden_and_deleted_and_come_back(): void
    {
        $everything = $this->everything();
        $hidden = $this->change([['what' => 'published', 'set' => false]])->assertOk()->json();
        self::assertSame(0, DB::table('products')->whereIn('id', $this->inks)->where('published', 1)->count());
        self::assertGreaterThan(5, $hidden['moves']['gone']);
        $this->back($hidden['entry'])->assertOk();
        self::assertSame($everything, $this->everything());

        $deleted = $this->postJson('/studio/catalogue/many', ['delete' => true])->assertOk()->json();
        self::assertSame(
            [0, count($this->inks)],
            [DB::table('products')->whereIn('id', $this->inks)->count(), $deleted['fields']['deleted']],
        );
        self::assertSame(
            ['count' => 0, 'gone' => count($this->inks)],
            array_intersect_key($this->getJson('/studio/who/selection')->json(), ['count' => 1, 'gone' => 1]),
        );
        $this->change([['what' => 'published', 'set' => false]])->assertStatus(409)
            ->assertSee('Nothing is selected that is still there');
        $this->back($deleted['entry'])->assertOk();
        self::assertSame($everything, $this->everything());
    }

    public function test_the_same_again_changes_nothing_and_makes_no_history(): void
    {
        $changes = [['what' => 'stock', 'how' => 'to', 'amount' => '7'], ['what' => 'fact', 'of' => 1, 'set' => []]];
        $this->change($changes)->assertOk();
        $entries = DB::table('catalogue_entries')->count();
        $again = $this->change($changes)->assertOk()->json();
        self::assertSame([0, 0, count($this->inks)], [$again['entry'], $again['changed'], $again['unchanged']]);
        self::assertSame($entries, DB::table('catalogue_entries')->count());
    }

    public function test_wherever_it_is_stopped_nothing_has_changed(): void
    {
        $deeds = $this->app->make(FieldDeeds::class);
        $alterations = $deeds->read([['what' => 'price', 'how' => 'by', 'amount' => '1']]);
        $everything = $this->everything();
        $all = DB::table('products')->orderBy('id')->pluck('id')->map(intval(...))->all();
        for ($at = 0; $at < 10; $at++) {
            $asked = 0;
            $done = $deeds->run(
                $all,
                $alterations,
                $this->owner,
                static function () use (&$asked, $at): bool {
                    return $asked++ < $at;
                },
            );
            if ($done instanceof FieldOutcome) {
                break;
            }
            self::assertSame('catalogue.stopped', $done[0]->code->value);
            self::assertSame($everything, $this->everything(), "Stopped after $at");
        }
        self::assertGreaterThan(1, $at);
        self::assertLessThan(10, $at);
    }

    public function test_whoever_waits_sees_how_far_it_is_and_stops_it(): void
    {
        $this->change([['what' => 'stock', 'how' => 'to', 'amount' => '7']], false, 'k1')->assertOk();
        $seen = $this->getJson('/studio/catalogue/many/progress?key=k1')->assertOk()->json();
        self::assertNull((new Conforming(Shapes::ofProject()))->to('ProgressState', $seen));
        self::assertSame('made', $seen['what']);
        $this->postJson('/studio/catalogue/many/stop', ['key' => 'k2'])->assertOk();
        $this->change([['what' => 'stock', 'how' => 'to', 'amount' => '9']], false, 'k2')->assertStatus(409)
            ->assertSee('It was stopped before its end. Nothing was changed.');
        self::assertSame(0, DB::table('variants')->where('stock', 9)->whereIn('product_id', $this->inks)->count());
        Cache::flush();
    }

    public function test_whoever_comes_while_very_much_is_saved_is_told_and_loses_nothing(): void
    {
        $before = DB::table('variants')->orderBy('id')->pluck('price')->all();
        $other = new PDO('sqlite:'.config()->string('database.connections.sqlite.database'));
        $other->exec('begin immediate');
        DB::statement('pragma busy_timeout = 1');
        $this->change([['what' => 'price', 'how' => 'to', 'amount' => '3']])->assertStatus(423)
            ->assertJsonPath('message', 'Somebody is saving very much just now. Nothing of yours was changed; try '
                .'again in a '
                .'moment.');
        $other->exec('rollback');
        self::assertSame($before, DB::table('variants')->orderBy('id')->pluck('price')->all());
        $this->change([['what' => 'price', 'how' => 'to', 'amount' => '3']])->assertOk();
    }

    public function test_what_another_window_has_selected_since_is_not_changed(): void
    {
        $revision = $this->getJson('/studio/who/selection')->json('revision');
        $change = ['changes' => [['what' => 'stock', 'how' => 'to', 'amount' => '7']], 'revision' => $revision];
        $this->postJson('/studio/catalogue/many', ['ask' => true] + $change)->assertOk();
        $this->postJson('/studio/who/selection/tick', ['ids' => [$this->inks[0]], 'on' => false])->assertOk();

        $before = $this->everything();
        $this->postJson('/studio/catalogue/many', $change)->assertStatus(409)->assertSee('changed after you looked');
        self::assertSame($before, $this->everything());
        $this->postJson('/studio/catalogue/many', ['revision' => $revision + 1] + $change)->assertOk()
            ->assertJsonPath('products', count($this->inks) - 1);
        $this->postJson('/studio/who/selection/all', ['how' => 'nothing'])->assertOk();
        $this->postJson('/studio/catalogue/many', ['changes' => $change['changes']])->assertStatus(409)
            ->assertSee('Nothing is selected');
    }

    public function test_what_cannot_be_read_is_refused_as_a_whole(): void
    {
        $this->change([['what' => 'price', 'how' => 'percent', 'amount' => 'ten']])->assertStatus(422)
            ->assertSee('is not read as per cent');
        $this->change([])->assertStatus(422);
        $this->postJson('/studio/catalogue/many', ['changes' => 'x'])->assertStatus(422);
        $this->change([['what' => 'brand', 'set' => 999]])->assertOk()
            ->assertJsonPath('refusedCount', count($this->inks))
            ->assertJsonPath('entry', 0);
        $this->actingAs(UserFactory::new()->create(['role' => 'viewer']));
        $this->change([['what' => 'stock', 'how' => 'to', 'amount' => '7']])->assertForbidden();
    }

    /** @param  list<int>  $ids */
    private function select(array $ids): void
    {
        $this->postJson('/studio/who/selection/tick', ['ids' => $ids, 'on' => true])->assertOk();
    }

    /** @param  list<array<string, mixed>>  $changes */
    private function change(array $changes, bool $ask = false, string $key = ''): TestResponse
    {
        return $this->postJson('/studio/catalogue/many', ['changes' => $changes, 'ask' => $ask, 'key' => $key]);
    }

    private function back(int $entry): TestResponse
    {
        return $this->postJson("/studio/catalogue/entries/$entry/take-back");
    }

    /** @return list<string> */
    private function ofHallorme(): array
    {
        return DB::table('products')->where('brand_id', $this->id('brands', 'Hallorme'))->pluck('title')->all();
    }

    /** @return array<int, int> */
    private function verdicts(): array
    {
        $verdicts = [];
        foreach (DB::table('products')->where('published', 1)->pluck('id') as $id) {
            $product = $this->app->make(ProductReader::class)->byId((int) $id);
            $product === null
                || $verdicts[(int) $id] = $this->app->make(Verdicts::class)->of(PageKind::Product,
                    $product)->templateId;
        }

        return $verdicts;
    }

    /** @return array<string, string> every table with data of the catalogue */
    private function everything(): array
    {
        $tables = [];
        foreach (['products', 'variants', 'variant_values', 'category_product', 'product_tag', 'product_pictures',
            'fact_values', 'collection_product', 'brands', 'categories', 'tags', 'title_words', 'pins'] as $table) {
            $tables[$table] = (string) json_encode(DB::table($table)->get()->map(
                static fn (object $row): string => (string) json_encode($row),
            )->sort()->values()->all());
        }

        return $tables;
    }
}
