<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Bulk;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Vestibra\App\Doors\Shapes\Shapes;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Releases\Impact;
use Vestibra\App\Work\Releases\Making\PinsDeed;
use Vestibra\Core\Releases\Changes;
use Vestibra\Tests\App\Doors\Shapes\Conforming;
use Vestibra\Tests\App\Factories\ProductFactory;
use Vestibra\Tests\App\Factories\UserFactory;
use Vestibra\Tests\App\TestCase;

/** Many pages, another template: seen before, one release, taken back as one. */
final class LayoutDeedsTest extends TestCase
{
    private Template $pens;

    private int $ostrelve;

    /** @var list<int> */
    private array $of;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-01T12:00:00Z');
        $this->actingAs($this->owner);
        $this->pens = $this->template('Pens');
        $this->edit($this->pens, $this->reach([['category', 'isExactly', [$this->id('categories', 'Blotting')]]]));
        $this->publish($this->pens);
        $this->ostrelve = $this->id('brands', 'Ostrelve');
        $this->of = array_map(intval(...), DB::table('products')->where('brand_id', $this->ostrelve)
            ->where('published', 1)
            ->orderBy('id')
            ->pluck('id')
            ->all());
        self::assertGreaterThan(8, count($this->of));
        $this->postJson('/studio/who/selection/tick', ['ids' => $this->of, 'on' => true])->assertOk();
    }

    public function test_a_rule_takes_what_is_selected_and_every_later_one_and_is_taken_back(): void
    {
        $rule = ['deed' => 'rule', 'with' => $this->pens->id, 'clauses' => [[$this->brand()]]];
        $before = $this->everything();
        $asked = $this->deed(['ask' => true] + $rule)->assertOk()->json();
        self::assertNull((new Conforming(Shapes::ofProject()))->to('LayoutAnswer', $asked));
        self::assertSame([count($this->of), [], false], [$asked['moved'], $asked['rest'], $asked['draft']]);
        self::assertSame($before, $this->everything(), 'Asking changes nothing.');

        $done = $this->deed($rule)->assertCreated()->json();
        self::assertNull((new Conforming(Shapes::ofProject()))->to('LayoutDone', $done));
        self::assertSame($this->of, $this->shownWith());
        $later = ProductFactory::new()->create(['brand_id' => $this->ostrelve]);
        self::assertContains($later->id, $this->shownWith());
        $later->delete();
        $this->pens->refresh();
        self::assertSame($this->pens->live_reach, $this->pens->draft_reach, 'The draft has it too.');
        self::assertFalse($this->pens->isChanged());

        $this->postJson("/studio/who/layout/{$done['release']['id']}/take-back", $done)->assertCreated();
        self::assertSame([$before, []], [$this->everything(), array_diff($this->shownWith(), $this->blotting())]);
    }

    public function test_pins_in_the_way_are_said_and_taken_out_with_it_where_that_is_wanted(): void
    {
        $other = $this->template('Launch');
        $this->edit($other, $this->reach([['product', 'isOneOf', [$this->of[3]]]]));
        $this->publish($other);
        foreach ([$this->of[0], $this->of[1], $this->of[3]] as $id) {
            DB::table('pins')->insert([
                'page_kind' => 'product', 'subject_id' => $id, 'template_id' => $other->id,
            ]);
        }
        $rule = ['deed' => 'rule', 'with' => $this->pens->id, 'clauses' => [[$this->brand()]]];
        $rest = $this->deed(['ask' => true] + $rule)->json('rest');
        self::assertSame([
            ['template' => $other->id, 'name' => 'Launch', 'count' => 3, 'why' => 'pinned', 'rules' => []],
        ], $rest);
        self::assertSame($rest, $this->deed(['ask' => true, 'frees' => [$this->pens->id]] + $rule)->json('rest'));
        [$left] = $this->deed(['ask' => true, 'frees' => [$other->id]] + $rule)->json('rest');
        self::assertSame(['Launch', 1, 'rule', 1], [
            $left['name'], $left['count'], $left['why'], $left['rules'][0]['count'],
        ]);
        $this->deed(['frees' => [$other->id]] + $rule)->assertCreated();
        self::assertSame(0, DB::table('pins')->count());
        self::assertSame(array_values(array_diff($this->of, [$this->of[3]])), $this->shownWith());
        self::assertSame(1, Release::query()->where('note', 'like', '%Pens%')->count());
    }

    public function test_closer_rules_in_the_way_are_listed_and_taken_out_with_it_and_all_is_taken_back_as_one(): void
    {
        $inks = $this->template('Inks');
        $this->edit($inks, $this->reach([['category', 'isIn', [$this->id('categories', 'Inks')]]]));
        $this->publish($inks);
        $shown = $this->shownWith($inks);
        self::assertGreaterThan(5, count($shown));
        $everything = ['deed' => 'rule', 'with' => $this->pens->id, 'clauses' => [[]], 'sentence' => true];
        $rest = array_column($this->deed(['ask' => true] + $everything)->json('rest'), null, 'name');
        self::assertSame(['Inks'], array_keys($rest));
        self::assertSame([count($shown), 'rule', 'category is in Inks', count($shown)], [
            $rest['Inks']['count'], $rest['Inks']['why'], $rest['Inks']['rules'][0]['words'],
            $rest['Inks']['rules'][0]['count'],
        ]);
        DB::table('pins')->insert([
            'page_kind' => 'product', 'subject_id' => $this->of[0], 'template_id' => $inks->id,
        ]);
        $isInk = in_array($this->of[0], $shown, true) ? 1 : 0;
        self::assertSame([[count($shown) - $isInk, 'rule'], [1, 'pinned']], array_map(
            static fn (array $row): array => [$row['count'], $row['why']],
            $this->deed(['ask' => true] + $everything)->json('rest'),
        ), 'The most first.');
        DB::table('pins')->delete();
        $category = (int) DB::table('templates')->where('page_kind', 'category')
            ->whereNotNull('live_revision')
            ->value('id');
        $clause = [['field' => 'category', 'comparison' => 'isIn', 'values' => [1]]];
        $stored = DB::table('templates')->where('id', $category)->value('live_reach');
        DB::table('templates')->where('id', $category)->update(['live_reach' => json_encode(
            ['show' => [$clause]] + json_decode((string) $stored, true),
        )]);
        $this->deed(['ask' => true, 'without' => [['template' => $category, 'clause' => $clause]]] + $everything)
            ->assertStatus(409);
        DB::table('templates')->where('id', $category)->update(['live_reach' => $stored]);
        $with = ['without' => [['template' => $inks->id,
            'clause' => $rest['Inks']['rules'][0]['clause']]]] + $everything;
        $asked = $this->deed(['ask' => true] + $with)->assertOk()->json();
        self::assertNull((new Conforming(Shapes::ofProject()))->to('LayoutAnswer', $asked));
        self::assertSame([[], 0], [$asked['rest'], DB::table('releases')->where('note', 'like',
            '%rule for%')->count()]);
        $before = $this->everything();

        $done = $this->deed($with)->assertCreated()->json();
        self::assertSame([], $this->shownWith($inks));
        self::assertContains($shown[0], $this->shownWith());
        $inks->refresh();
        self::assertSame([[], []], [$inks->live_reach['show'], $inks->draft_reach['show']], 'Its draft follows.');
        $this->deed($with)->assertStatus(409)->assertJsonPath(
            'message',
            'The rules of “Inks” have changed meanwhile. Nothing was changed; look at it once more.',
        );
        $this->postJson("/studio/who/layout/{$done['release']['id']}/take-back", $done)->assertCreated();
        self::assertSame([$before, $shown], [$this->everything(), $this->shownWith($inks)]);
        $inks->refresh();
        self::assertEquals($inks->live_reach, $inks->draft_reach);
    }

    public function test_pages_that_the_template_keeps_off_or_will_have_later_are_said_to_be_so(): void
    {
        $rule = ['deed' => 'rule', 'with' => $this->pens->id, 'clauses' => [[$this->brand()]]];
        $this->edit($this->pens, $this->reach([], [['product', 'isOneOf', [$this->of[0], $this->of[1]]]]));
        $this->publish($this->pens);
        self::assertSame([[2, 'keptOff', []]], array_map(
            static fn (array $row): array => [$row['count'], $row['why'], $row['rules']],
            $this->deed(['ask' => true] + $rule)->json('rest'),
        ));
        $this->edit($this->pens, ['edit' => 'reach', 'reach' => [
            'format' => 2, 'show' => [], 'keepOff' => [], 'goesFirst' => false,
            'season' => ['from' => '2027-01-01T00:00:00Z', 'until' => null],
        ]]);
        $this->publish($this->pens);
        self::assertSame([[count($this->of), 'season']], array_map(
            static fn (array $row): array => [$row['count'], $row['why']],
            $this->deed(['ask' => true] + $rule)->json('rest'),
        ));
    }

    public function test_what_was_done_is_told_page_by_page_as_a_file_for_a_day(): void
    {
        DB::table('pins')->insert([
            'page_kind' => 'product', 'subject_id' => $this->of[0], 'template_id' => $this->template('Draft')->id,
        ]);
        $launch = $this->template('Launch');
        $this->publish($launch);
        DB::table('pins')->insert([
            'page_kind' => 'product', 'subject_id' => $this->of[1], 'template_id' => $launch->id,
        ]);
        $done = $this->deed(['deed' => 'rule', 'with' => $this->pens->id, 'clauses' => [[$this->brand()]]])
            ->assertCreated()
            ->json();
        self::assertSame(count($this->of) - 1, $done['moved']);
        $this->postJson('/studio/who/selection/all', ['how' => 'nothing'])->assertOk();
        $address = "/studio/who/layout/{$done['release']['id']}/report";
        $file = $this->get($address)->assertOk()->streamedContent();
        $lines = array_map(str_getcsv(...), explode("\r\n", trim($file)));
        self::assertCount(count($this->of) + 1, $lines);
        $what = array_count_values(array_column(array_slice($lines, 1), 4));
        self::assertSame(['done' => count($this->of) - 1, 'unchanged' => 1], array_replace(['done' => 0], $what));
        foreach (array_slice($lines, 1) as [$title, $address2, $before, $now, $did, $why]) {
            self::assertSame(
                $did === 'done' ? ['Everything else', 'Pens', ''] : ['Launch', 'Launch', 'pinned to it'],
                [$before, $now, $why],
                "$title $address2",
            );
        }
        $this->travelTo('2026-12-03T12:00:00Z');
        $this->get($address)->assertNotFound();
    }

    public function test_they_are_pinned_and_set_free_as_one_release_each(): void
    {
        $releases = Release::query()->count();
        self::assertSame(count($this->of), $this->deed([
            'deed' => 'pin', 'with' => $this->pens->id, 'ask' => true,
        ])->json('moved'));
        $this->deed(['deed' => 'pin', 'with' => $this->pens->id])->assertCreated();
        self::assertSame([$releases + 1, count($this->of)], [Release::query()->count(), DB::table('pins')->count()]);
        self::assertSame($this->of, $this->shownWith());
        $this->deed(['deed' => 'pin', 'with' => $this->pens->id])->assertStatus(409);
        $done = $this->deed(['deed' => 'unpin'])->assertCreated()->json();
        self::assertSame([0, []], [DB::table('pins')->count(), $this->shownWith()]);
        $this->postJson("/studio/who/layout/{$done['release']['id']}/take-back", $done)->assertCreated();
        self::assertSame(count($this->of), DB::table('pins')->count());
    }

    public function test_a_rule_names_them_or_keeps_them_off(): void
    {
        $this->deed(['deed' => 'name', 'with' => $this->pens->id])->assertCreated();
        self::assertSame($this->of, $this->shownWith());
        $this->postJson('/studio/who/selection/all', ['how' => 'nothing']);
        $this->postJson('/studio/who/selection/tick', ['ids' => array_slice($this->of, 0, 3), 'on' => true]);
        $this->deed(['deed' => 'keepOff', 'with' => $this->pens->id])->assertCreated();
        self::assertSame(array_slice($this->of, 3), $this->shownWith());
        $this->deed(['deed' => 'keepOff', 'with' => $this->pens->id, 'clauses' => [[$this->brand()]]])
            ->assertCreated();
        self::assertSame([], $this->shownWith());
    }

    public function test_the_rule_of_a_template_that_is_not_live_comes_to_its_draft_alone(): void
    {
        $draft = $this->template('Draft');
        $rule = ['deed' => 'rule', 'with' => $draft->id, 'clauses' => [[$this->brand()]]];
        self::assertTrue($this->deed(['ask' => true] + $rule)->assertOk()->json('draft'));
        $releases = Release::query()->count();
        self::assertNull($this->deed($rule)->assertCreated()->json('release'));
        self::assertSame($releases, Release::query()->count());
        self::assertContains([$this->brand()], $draft->refresh()->draft_reach['show']);
        $this->deed(['deed' => 'pin', 'with' => $draft->id])->assertStatus(409)
            ->assertSee('is not live, so no page can be shown with it yet');
    }

    public function test_what_a_draft_has_besides_stays_there_and_out_of_the_shop(): void
    {
        $this->edit($this->pens, $this->reach([['brand', 'isOneOf', [$this->id('brands', 'Hallorme')]]]));
        $this->deed(['deed' => 'rule', 'with' => $this->pens->id, 'clauses' => [[$this->brand()]]])
            ->assertCreated();
        $this->pens->refresh();
        self::assertCount(2, $this->pens->live_reach['show'] ?? []);
        self::assertSame(
            [[['field' => 'brand', 'comparison' => 'isOneOf', 'values' => [$this->id('brands', 'Hallorme')]]],
                [$this->brand()]],
            $this->pens->draft_reach['show'],
        );
    }

    public function test_what_a_draft_had_before_stays_in_it_when_the_release_is_taken_back(): void
    {
        $show = [['category', 'isExactly', [$this->id('categories', 'Blotting')]]];
        $edit = $this->reach($show);
        $this->edit($this->pens, [
            'reach' => array_replace((array) $edit['reach'], [
                'show' => [...((array) $edit['reach'])['show'], [$this->brand()]],
            ]),
        ] + $edit);
        $draft = $this->pens->refresh()->draft_reach;
        $done = $this->deed(['deed' => 'rule', 'with' => $this->pens->id, 'clauses' => [[$this->brand()]]])
            ->assertCreated()
            ->json();
        self::assertSame([], $done['clauses']);
        $this->postJson("/studio/who/layout/{$done['release']['id']}/take-back", $done)->assertCreated();
        self::assertSame($draft, $this->pens->refresh()->draft_reach);
    }

    public function test_a_sentence_is_made_a_rule_of_what_it_finds_whatever_is_selected(): void
    {
        $other = $this->template('Launch');
        $hallorme = $this->id('brands', 'Hallorme');
        $id = (int) DB::table('products')->where('brand_id', $hallorme)->where('published', 1)->value('id');
        $this->edit($other, $this->reach([['product', 'isOneOf', [$id]]]));
        $this->publish($other);
        $clause = ['field' => 'brand', 'comparison' => 'isOneOf', 'values' => [$hallorme]];
        $where = rawurlencode((string) json_encode([$clause]));
        $asked = $this->postJson("/studio/who/layout?where=$where", [
            'deed' => 'rule', 'with' => $this->pens->id, 'clauses' => [[$clause]], 'sentence' => true, 'ask' => true,
        ])->assertOk()->json();
        self::assertSame(
            [DB::table('products')->where('brand_id', $hallorme)->where('published', 1)->count(), 'Launch'],
            [$asked['pages'], $asked['rest'][0]['name'] ?? ''],
        );
    }

    public function test_the_same_try_is_made_once_and_what_cannot_be_is_said(): void
    {
        $rule = ['deed' => 'rule', 'with' => $this->pens->id, 'clauses' => [[$this->brand()]], 'key' => 'once'];
        $one = $this->deed($rule)->assertCreated()->json('release.id');
        self::assertSame($one, $this->deed($rule)->assertCreated()->json('release.id'));
        $this->deed(['key' => 'twice'] + $rule)->assertStatus(409)->assertSee('The shop is so already.');
        self::assertCount(2, $this->pens->refresh()->live_reach['show'] ?? []);
        self::assertCount(2, $this->pens->draft_reach['show']);

        $this->deed(['deed' => 'keepOff', 'with' => 1])->assertStatus(409)->assertSee('is the fallback');
        $this->deed(['deed' => 'rule', 'with' => $this->pens->id])->assertStatus(409);
        $this->deed(['deed' => 'rule', 'with' => $this->pens->id, 'clauses' => [[['field' => 'x']]]])
            ->assertStatus(409);
        $this->deed(['deed' => 'pin', 'with' => 999])->assertStatus(409);
        $this->deed(['deed' => 'nonsense'])->assertStatus(422);
        $this->postJson('/studio/who/layout?kind=header', ['deed' => 'unpin'])->assertStatus(422);
        $this->postJson('/studio/who/layout?kind=search', ['deed' => 'name', 'with' => 1])->assertStatus(409);
        $category = Template::query()->where('page_kind', 'category')->value('id');
        $this->deed(['deed' => 'pin', 'with' => $category])->assertStatus(409);
        $this->postJson('/studio/who/selection/all', ['how' => 'nothing']);
        $this->deed(['deed' => 'pin', 'with' => $this->pens->id])->assertStatus(409)
            ->assertSee('Nothing is selected');
    }

    public function test_what_another_window_has_selected_since_is_not_done(): void
    {
        $revision = $this->getJson('/studio/who/selection')->json('revision');
        $pin = ['deed' => 'pin', 'with' => $this->pens->id, 'revision' => $revision];
        $this->deed(['ask' => true] + $pin)->assertOk();
        $this->postJson('/studio/who/selection/tick', ['ids' => [$this->of[0]], 'on' => false])->assertOk();

        $before = $this->everything();
        $this->deed(['ask' => true] + $pin)->assertStatus(409)->assertSee('changed after you looked');
        $this->deed($pin)->assertStatus(409)->assertSee('Nothing was done');
        self::assertSame($before, $this->everything());
        $this->deed(['revision' => $revision + 1] + $pin)->assertCreated();
        self::assertSame(array_slice($this->of, 1), $this->shownWith());
    }

    public function test_thousands_of_pins_are_one_question_to_the_database(): void
    {
        $pins = array_fill_keys(
            array_map(static fn (int $id): string => "product/$id", range(1, 3_000)),
            $this->pens->id,
        );
        DB::table('kept_state')->delete();
        $impact = $this->app->make(Impact::class)->of(Changes::of(PinsDeed::to($pins)));
        $blotting = count(array_unique($this->blotting()));
        self::assertSame(DB::table('products')->where('published', 1)->count() - $blotting, $impact['moved']);
    }

    public function test_whoever_may_not_publish_may_not_do_any_of_it(): void
    {
        $this->actingAs(UserFactory::new()->create(['role' => 'editor']));
        $this->deed(['deed' => 'unpin'])->assertForbidden();
        $this->postJson('/studio/who/layout/1/take-back')->assertForbidden();
    }

    /** @param  array<string, mixed>  $body */
    private function deed(array $body): TestResponse
    {
        return $this->postJson('/studio/who/layout', $body);
    }

    /** @return array{field: string, comparison: string, values: list<int>} */
    private function brand(): array
    {
        return ['field' => 'brand', 'comparison' => 'isOneOf', 'values' => [$this->ostrelve]];
    }

    /** @return list<int> */
    private function blotting(): array
    {
        return array_map(intval(...), DB::table('category_product')
            ->where('category_id', $this->id('categories', 'Blotting'))
            ->pluck('product_id')
            ->all());
    }

    /** @return list<int> those that have the template besides those it had from the start, by number */
    private function shownWith(?Template $template = null): array
    {
        $template ??= $this->pens;
        $ids = [];
        for ($from = 0; ; $from += 50) {
            $page = $this->getJson("/studio/who/rows?template={$template->id}&from=$from")->json();
            $ids = [...$ids, ...array_column($page['rows'], 'id')];
            if (count($ids) >= $page['total']) {
                $ids = array_diff($ids, $this->blotting());
                sort($ids);

                return $ids;
            }
        }
    }

    /** @return array<mixed> what is in the shop and in drafts */
    private function everything(): array
    {
        return [
            DB::table('templates')->get(['id', 'live_reach', 'live_tree', 'live_revision', 'draft_reach'])->toJson(),
            DB::table('pins')->get()->toJson(),
        ];
    }
}
