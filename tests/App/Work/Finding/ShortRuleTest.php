<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Finding;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Doors\Shapes\Shapes;
use Vestibra\App\Records\Models\Selection;
use Vestibra\App\Work\Finding\ShortChoices;
use Vestibra\App\Work\Finding\Sql\ChoiceRows;
use Vestibra\Core\Reach\Short\HowMany;
use Vestibra\Core\Reach\Short\PageSet;
use Vestibra\Core\Reach\Short\PlainChoice;
use Vestibra\Core\Reach\Short\ValueChoice;
use Vestibra\Tests\App\Doors\Shapes\Conforming;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/** What a selection of products is, said as a rule that gives exactly them. */
final class ShortRuleTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-01T12:00:00Z');
        $this->actingAs($this->owner);
    }

    public function test_what_was_selected_by_a_sentence_is_found_again_and_gives_exactly_the_same_pages(): void
    {
        $chance = new Chance(12);
        $terms = [
            ['category', 'isIn', [$this->id('categories', 'Inks')]],
            ['category', 'isExactly', [$this->id('categories', 'Bottled inks')]],
            ['brand', 'isOneOf', [$this->id('brands', 'Ostrelve'), $this->id('brands', 'Pellinray')]],
            ['brand', 'isNoneOf', [$this->id('brands', 'Hallorme')]],
            ['tag', 'hasAnyOf', [$this->id('tags', 'gift')]],
            ['sale', 'isOn', []], ['sale', 'isOff', []], ['stock', 'isIn', []], ['rating', 'hasReviews', []],
            ['price', 'atLeast', [2900]], ['price', 'atMost', [1200]],
            ['picture', 'atMost', [1]], ['stock', 'atMost', [6]],
        ];
        $found = 0;
        foreach (range(1, 25) as $turn) {
            $conditions = $chance->some($terms, 3);
            $where = self::where(...$conditions);
            $expected = $this->ids("where=$where");
            $this->postJson('/studio/who/selection/all', ['how' => 'nothing']);
            $this->postJson("/studio/who/selection/all?where=$where", ['how' => 'all']);
            $said = $this->said();
            if ($expected === [] || $conditions === []) {
                continue;
            }
            $found++;
            self::assertNotSame([], $said['clauses'], "$turn: ".rawurldecode($where));
            $again = [];
            foreach ($said['clauses'] as $clause) {
                self::assertLessThanOrEqual(3, count($clause));
                $again = [...$again, ...$this->ids('where='.rawurlencode((string) json_encode($clause)))];
            }
            $again = array_values(array_unique($again));
            sort($again);
            sort($expected);
            self::assertSame($expected, $again, "$turn: {$said['words']}");
            self::assertLessThanOrEqual(
                count($conditions),
                array_sum(array_map(count(...), $said['clauses'])),
                'It is no longer than the sentence.',
            );
        }
        self::assertGreaterThan(15, $found);
    }

    public function test_every_choice_holds_for_the_products_that_its_condition_covers(): void
    {
        $ids = array_map(intval(...), DB::table('products')->where('published', 1)->pluck('id')->all());
        DB::table('variants')->whereIn('product_id', array_slice($ids, 20, 3))->delete();
        DB::table('variants')->whereIn('product_id', array_slice($ids, 40, 2))->update(['stock' => -4]);
        $this->postJson('/studio/who/selection/tick', ['ids' => array_slice($ids, 18, 24), 'on' => true]);
        $selection = Selection::query()->firstOrFail();
        $rows = new ChoiceRows($selection->id, $selection->side);
        $seen = 0;
        $choices = $this->app->make(ShortChoices::class);
        $all = [
            ...iterator_to_array($choices->lasting($rows, $rows->selected(), $rows->shown()), false),
            $choices->counted($rows, $rows->selected(), $rows->shown()),
        ];
        foreach (array_merge(...$all) as $choice) {
            foreach ($choice instanceof PlainChoice
                ? [[$choice->condition, $choice->pages]]
                : array_map(
                    static fn (int|string $value, PageSet $pages): array => [$choice->condition([$value]), $pages],
                    array_keys($choice->pages),
                    $choice->pages,
                ) as [$condition, $pages]) {
                $isNot = $choice instanceof ValueChoice && $choice->how === HowMany::None;
                $expected = $this->ids('where='.rawurlencode((string) json_encode([$condition->toArray()])));
                $is = $pages->and($rows->shown())->pages();
                $is = $isNot ? array_values(array_diff($ids, $is)) : $is;
                sort($expected);
                sort($is);
                self::assertSame($expected, $is, (string) json_encode($condition->toArray()));
                $seen++;
            }
        }
        self::assertGreaterThan(80, $seen);
    }

    public function test_one_condition_on_what_is_counted_is_shorter_than_two_that_last(): void
    {
        $brand = $this->id('brands', 'Ostrelve');
        $category = (int) DB::table('products')->where('published', 1)->where('brand_id', $brand)
            ->join('category_product', 'category_product.product_id', '=', 'products.id')
            ->groupBy('category_id')
            ->orderByRaw('count(*) desc')
            ->value('category_id');
        $where = self::where(['brand', 'isOneOf', [$brand]], ['category', 'isExactly', [$category]]);
        $products = $this->ids("where=$where");
        DB::table('collections')->whereNotNull('rule')->delete();
        DB::table('variants')->update(['sale_price' => null, 'sale_from' => null, 'sale_until' => null]);
        DB::table('variants')->whereIn('product_id', $products)->update(['sale_price' => DB::raw('price - 1')]);
        $this->postJson("/studio/who/selection/all?where=$where", ['how' => 'all']);
        self::assertSame([[['field' => 'sale', 'comparison' => 'isOn', 'values' => []]]], $this->said()['clauses']);

        $other = (int) DB::table('products')->where('published', 1)->whereNotIn('id', $products)->value('id');
        DB::table('variants')->where('product_id', $other)->update(['sale_price' => DB::raw('price - 1')]);
        self::assertSame(['brand', 'category'], $this->fields());
    }

    public function test_two_conditions_of_which_one_is_counted_are_shorter_than_three_that_last(): void
    {
        DB::table('collections')->whereNotNull('rule')->delete();
        [$a, $b, $c, $d, $e, $f, $other] = array_map(
            intval(...),
            DB::table('products')->where('published', 1)
                ->whereIn('id', DB::table('variants')->where('published', 1)->select('product_id'))
                ->orderBy('id')
                ->limit(7)
                ->pluck('id')
                ->all(),
        );
        $these = [$a, $b, $c, $d, $e, $f];
        foreach (['fact_values', 'product_tag', 'category_product', 'collection_product'] as $table) {
            DB::table($table)->whereIn('product_id', $these)->delete();
        }
        DB::table('variant_values')->whereIn(
            'variant_id',
            DB::table('variants')->whereIn('product_id', $these)->pluck('id')->all(),
        )->delete();
        $brand = DB::table('brands')->insertGetId([
            'name' => 'Wickenlow', 'name_folded' => 'wickenlow', 'slug' => 'wickenlow',
        ]);
        DB::table('products')->whereIn('id', $these)->update(['brand_id' => $this->id('brands', 'Ostrelve')]);
        DB::table('products')->whereIn('id', [$a, $b, $c, $d, $e])->update(['brand_id' => $brand]);
        $tag = (int) DB::table('tags')->value('id');
        $category = $this->id('categories', 'Blotting');
        foreach ([$a, $b, $c] as $one) {
            DB::table('product_tag')->insert(['product_id' => $one, 'tag_id' => $tag]);
            DB::table('category_product')->insert(['product_id' => $one, 'category_id' => $category]);
        }
        DB::table('product_tag')->insert([
            ['product_id' => $d, 'tag_id' => $tag], ['product_id' => $f, 'tag_id' => $tag],
        ]);
        DB::table('category_product')->insert([
            ['product_id' => $e, 'category_id' => $category], ['product_id' => $f, 'category_id' => $category],
        ]);
        DB::table('variants')->update([
            'sale_price' => null, 'sale_from' => null, 'sale_until' => null, 'price' => 900, 'stock' => 5,
        ]);
        $this->postJson('/studio/who/selection/tick', ['ids' => [$a, $b, $c], 'on' => true])->assertOk();
        self::assertSame(['brand', 'category', 'tag'], $this->fields());
        DB::table('variants')->whereIn('product_id', [$a, $b, $c, $f, $other])->update(['sale_price' => 890]);
        self::assertSame(['brand', 'price'], $this->fields());
    }

    public function test_it_is_said_as_rules_are_said(): void
    {
        $where = self::where(['brand', 'isOneOf', [$this->id('brands', 'Ostrelve')]]);
        $this->postJson("/studio/who/selection/all?where=$where", ['how' => 'all']);
        $said = $this->said();
        self::assertNull((new Conforming(Shapes::ofProject()))->to('SelectionSaid', $said));
        self::assertSame('brand is one of Ostrelve', $said['words']);
        $this->postJson('/studio/who/selection/all', ['how' => 'all']);
        self::assertSame([true, [[]], 'every product'], array_values(array_intersect_key(
            array_merge(['every' => 0, 'clauses' => 0, 'words' => 0], $this->said()),
            ['every' => 1, 'clauses' => 1, 'words' => 1],
        )));
    }

    public function test_hidden_products_are_said_and_decide_nothing(): void
    {
        $hidden = (int) DB::table('products')->where('published', 0)->value('id');
        $where = self::where(['brand', 'isOneOf', [$this->id('brands', 'Pellinray')]]);
        $this->postJson("/studio/who/selection/all?where=$where", ['how' => 'all']);
        $before = $this->said();
        $this->postJson('/studio/who/selection/tick', ['ids' => [$hidden], 'on' => true]);
        $said = $this->said();
        self::assertSame([$before['words'], 0, 1], [$said['words'], $before['hidden'], $said['hidden']]);
    }

    public function test_where_no_short_rule_gives_it_that_is_all_that_is_said(): void
    {
        $this->postJson('/studio/who/selection/tick', ['on' => true, 'ids' => [
            $this->id('products', 'Night Mail bottled ink'), $this->id('products', 'Gift card'),
            $this->id('products', 'Ash pen tray'), $this->id('products', 'Blotting paper, ten sheets'),
            $this->id('products', 'Letter set, teal'), $this->id('products', 'Birdwatcher’s log'),
        ]]);
        $said = $this->said();
        self::assertSame(['', [], false], [$said['words'], $said['clauses'], $said['every']]);
        $this->postJson('/studio/who/selection/tick?kind=category', ['on' => true, 'ids' => [1]]);
        self::assertSame('', $this->getJson('/studio/who/selection/said?kind=category')->json('words'));
        $this->postJson('/studio/who/selection/all', ['how' => 'nothing']);
        self::assertSame('', $this->said()['words']);
    }

    /** @return array{words: string, clauses: list<list<array<string, mixed>>>, every: bool, hidden: int} */
    private function said(): array
    {
        return $this->getJson('/studio/who/selection/said')->assertOk()->json();
    }

    /** @return list<string> what the one clause is about that is said */
    private function fields(): array
    {
        $clauses = $this->said()['clauses'];
        self::assertCount(1, $clauses);
        $fields = array_column($clauses[0], 'field');
        sort($fields);

        return $fields;
    }

    /** @return list<int> */
    private function ids(string $query): array
    {
        $ids = [];
        for ($from = 0; ; $from += 50) {
            $page = $this->getJson("/studio/who/rows?from=$from&$query")->assertOk()->json();
            $ids = [...$ids, ...array_column($page['rows'], 'id')];
            if (count($ids) >= $page['total']) {
                return $ids;
            }
        }
    }

    /** @param  array{string, string, list<int>}  ...$conditions */
    private static function where(array ...$conditions): string
    {
        return rawurlencode((string) json_encode(array_map(static fn (array $one): array => array_combine(
            ['field', 'comparison', 'values'],
            $one,
        ), $conditions)));
    }
}
