<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Pages;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Reach\Rules\KeepingVerdicts;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Selling\BestRated;
use Vestibra\Core\Templates\Question;
use Vestibra\Demo\MoreProducts;
use Vestibra\Tests\App\TestCase;

/** Pages that list products of their own, and grids that are fed otherwise, wherever they stand. */
final class ListsTest extends TestCase
{
    private const RULE = [
        'format' => 2,
        'show' => [[['field' => 'sale', 'comparison' => 'isOn', 'values' => []]]],
        'keepOff' => [],
        'season' => [],
        'goesFirst' => false,
    ];

    /** @return iterable<string, array{string, string}> */
    public static function strange(): iterable
    {
        foreach (['/c/inks', '/collection/winter-letters', '/brand/pellinray', '/tag/everyday', '/all'] as $address) {
            foreach ([
                'page=0', 'page=-1', 'page=abc', 'page[]=2&sort[]=cheap&show[]=9', 'sort=moon', 'show=10000', 'show=-1',
                'show=abc', 'sort='.str_repeat('x', 500),
            ] as $query) {
                yield mb_substr("$address, $query", 0, 60) => [$address, $query];
            }
        }
    }

    #[DataProvider('strange')]
    public function test_whatever_is_asked_for_the_nearest_sensible_page_comes(string $address, string $query): void
    {
        $html = (string) $this->get("$address?$query")->assertOk()->getContent();
        self::assertGreaterThan(0, substr_count($html, 'class="card-cover"'));
        self::assertLessThanOrEqual(12, substr_count($html, 'class="card-cover"'));
    }

    #[DataProvider('lists')]
    public function test_beyond_the_last_page_leads_to_it_with_what_was_asked_for(string $address): void
    {
        self::assertSame(
            1,
            preg_match('/(\d+) products/', (string) $this->get($address)->assertOk()->getContent(), $found),
        );
        $last = (int) ceil((int) $found[1] / 12);
        $page = $last > 1 ? "&page=$last" : '';
        foreach ([$last + 1, 1_000_000_000] as $beyond) {
            $this->get("$address?page=$beyond&sort=cheap&utm_source=x")
                ->assertStatus(302)
                ->assertRedirect("$address?sort=cheap$page");
        }
        $this->get("$address?page=$last&sort=cheap")->assertOk();
        $this->get("$address?page=".($last + 1))->assertRedirect($last > 1 ? "$address?page=$last" : $address);
    }

    /** @return iterable<string, array{string}> */
    public static function lists(): iterable
    {
        foreach (['/c/bottled-inks', '/collection/winter-letters', '/brand/pellinray', '/tag/everyday'] as $address) {
            yield $address => [$address];
        }
    }

    public function test_the_best_rated_and_those_with_the_biggest_saving_come_first(): void
    {
        MoreProducts::fillUpTo(600);
        $products = DB::table('products')->where('published', true)
            ->get(['id', 'slug', 'review_count', 'star_sum'])
            ->all();
        $rated = array_column($products, null, 'slug');
        $first = array_slice($this->slugs('/all?sort=rated'), 0, 12);
        $scores = array_map(
            static fn (string $slug): float => BestRated::score($rated[$slug]->review_count, $rated[$slug]->star_sum),
            $first,
        );
        $all = array_map(
            static fn (object $one): float => BestRated::score($one->review_count, $one->star_sum),
            $products,
        );
        rsort($all);
        self::assertSame(array_slice($all, 0, count($first)), $scores);

        $savings = [];
        foreach (DB::table('variants')->where('published', true)
            ->whereColumn('sale_price', '<', 'price')
            ->whereNull('sale_from')
            ->whereNull('sale_until')
            ->get(['product_id', 'price', 'sale_price']) as $one) {
            $savings[$one->product_id] = max(
                $savings[$one->product_id] ?? 0,
                ($one->price - $one->sale_price) / $one->price,
            );
        }
        $shown = array_map(
            static fn (string $slug): float => $savings[$rated[$slug]->id] ?? 0.0,
            array_slice($this->slugs('/all?sort=saving'), 0, 12),
        );
        $expected = array_values(array_intersect_key($savings, array_column($products, 'id', 'id')));
        rsort($expected);
        self::assertEqualsWithDelta(array_slice($expected, 0, count($shown)), $shown, 0.000001);
        $this->get('/all?sort=rated')->assertSee('Best rated first')->assertSee('Biggest saving first');
        $this->get('/all?sort[]=rated')->assertOk();
    }

    public function test_a_collection_stands_in_the_owners_order_until_somebody_asks_for_another(): void
    {
        $collection = $this->id('collections', 'Winter letters');
        $ids = DB::table('collection_product')->where('collection_id', $collection)
            ->orderByDesc('product_id')
            ->pluck('product_id')
            ->all();
        foreach ($ids as $position => $id) {
            DB::table('collection_product')->where('collection_id', $collection)
                ->where('product_id', $id)
                ->update(['position' => $position]);
        }
        $published = DB::table('products')->where('published', 1)->whereIn('id', $ids)->orderByDesc('id')->pluck(
            'slug',
        )->all();

        self::assertSame(array_slice($published, 0, 12), $this->slugs('/collection/winter-letters'));
        $titles = DB::table('products')->where('published', 1)->whereIn('id', $ids)->orderBy('title_order')->pluck(
            'slug',
        )->all();
        self::assertSame(array_slice($titles, 0, 12), $this->slugs('/collection/winter-letters?sort=title'));
        $this->get('/collection/winter-letters')->assertSee('In our order');
        $this->get('/collection/last-pieces')->assertOk()->assertDontSee('In our order');
        $this->get('/c/inks?sort=own')->assertOk()->assertDontSee('In our order');
    }

    public function test_a_collection_by_rule_lists_what_the_rule_takes_and_counts_the_same(): void
    {
        $this->actingAs($this->owner);
        $collection = $this->id('collections', 'On offer now');
        $preview = $this->postJson('/studio/catalogue/rule', ['rule' => self::RULE])->assertOk();
        $template = $this->made(PageKind::Collection, 'beside');
        $this->get("/studio/templates/$template->id/canvas/$collection")
            ->assertOk()
            ->assertSee("{$preview->json('count')} products");
        self::assertSame($preview->json('count'), count($this->slugs('/collection/on-offer-now')));
    }

    public function test_rows_times_columns_are_as_many_as_stand_on_a_page_and_customers_may_ask_for_more(): void
    {
        $this->actingAs($this->owner);
        MoreProducts::fillUpTo(300);
        $template = $this->made(PageKind::AllProducts, 'beside');
        $grid = $this->block($template, 'product-grid');
        $set = static fn (string $question, string $name, mixed $value): array => [
            'edit' => 'set', 'id' => $grid, 'question' => $question, 'setting' => $name, 'value' => $value,
            'width' => 'desktop',
        ];
        $this->edit($template, $set('what', 'rows', 2), $set('how', 'perRow', 5), [
            'edit' => 'insert',
            'parent' => $this->block($template, 'column'),
            'after' => null,
            'node' => ['id' => 'several', 'kind' => 'per-page'],
        ]);
        $this->publish($template);

        self::assertCount(10, $this->slugs('/all'));
        self::assertCount(20, $this->slugs('/all?show=20'));
        self::assertCount(40, $this->slugs('/all?show=40'));
        self::assertCount(10, $this->slugs('/all?show=30'), 'What was not offered is not given.');
        $this->get('/all?show=20&sort=title')->assertSee('href="?sort=title&amp;show=20&amp;page=2"', false);
        $this->get('/all?show=20&page=2')->assertSee('21 to 40 of ');
        $this->edit($template, $set('what', 'rows', 0), $set('what', 'perPage', 96));
        $this->publish($template);
        self::assertCount(
            96,
            $this->slugs('/all?show=384'),
            'However many there are, a page stays one that can be looked at.',
        );
    }

    public function test_rows_decide_over_a_number_at_once_with_the_columns_that_a_grid_has_by_itself_and_say_so(): void
    {
        $this->actingAs($this->owner);
        $template = $this->made(PageKind::AllProducts, 'beside');
        $grid = $this->block($template, 'product-grid');
        $set = static fn (string $name, int $value): array => [
            'edit' => 'set', 'id' => $grid, 'question' => 'what', 'setting' => $name, 'value' => $value,
            'width' => 'desktop',
        ];
        // The start says three columns; without that there are four.
        $this->edit($template, $set('perPage', 30), $set('rows', 3), [
            'edit' => 'set', 'id' => $grid, 'question' => 'how', 'setting' => 'perRow', 'value' => null,
            'width' => 'desktop',
        ]);
        $this->publish($template);
        self::assertCount(3 * 4, $this->slugs('/all'));
        $definition = Kinds::composer()->schema->definition('product-grid');
        self::assertSame(
            ['name' => 'rows', 'values' => [], 'words' => 'a number of rows is set'],
            $definition?->setting(Question::What, 'perPage')?->unless,
            'The panel says which of the two has no effect.',
        );
        self::assertNull($definition->setting(Question::What, 'rows')?->unless);
        $this->edit($template, $set('rows', 0));
        $this->publish($template);
        self::assertCount(30, $this->slugs('/all'));
    }

    public function test_lists_on_a_products_page_leave_out_the_product_itself(): void
    {
        $this->actingAs($this->owner);
        $collection = $this->id('collections', 'Winter letters');
        $slugs = DB::table('collection_product')->where('collection_id', $collection)
            ->join('products', 'products.id', '=', 'product_id')
            ->where('published', true)
            ->pluck('slug', 'products.id')
            ->all();
        $template = $this->template();
        foreach ([
            'ruled' => [
                'feed' => 'rule',
                'rule' => [
                    'format' => 2,
                    'show' => [[['field' => 'collection', 'comparison' => 'isIn', 'values' => [$collection]]]],
                    'keepOff' => [],
                ],
            ],
            'of' => ['feed' => 'collection', 'collection' => $collection],
            'all' => ['feed' => 'rule'],
        ] as $id => $what) {
            $this->edit($template, [
                'edit' => 'insert',
                'parent' => $this->block($template, 'column'),
                'after' => null,
                'node' => ['id' => $id, 'kind' => 'product-grid', 'what' => $what + ['perPage' => 96]],
            ]);
        }
        $this->edit($template, $this->reach([['product', 'isOneOf', array_keys($slugs)]]));
        $this->publish($template);
        self::assertGreaterThan(2, count($slugs));
        foreach (array_slice($slugs, 0, 3) as $slug) {
            $others = array_values(array_diff($slugs, [$slug]));
            self::assertEqualsCanonicalizing($others, $this->slugs("/p/$slug", 'ruled'));
            self::assertEqualsCanonicalizing($others, $this->slugs("/p/$slug", 'of'));
            self::assertNotContains($slug, $this->slugs("/p/$slug", 'all'));
        }
    }

    public function test_a_second_grid_keeps_to_itself(): void
    {
        $this->actingAs($this->owner);
        $template = $this->made(PageKind::Category, 'shelves');
        $this->edit($template,
            [
                'edit' => 'insert',
                'parent' => $this->block($template, 'column'),
                'after' => null,
                'node' => [
                    'id' => 'offers',
                    'kind' => 'product-grid',
                    'what' => ['feed' => 'rule', 'rule' => self::RULE, 'perPage' => 2, 'sort' => 'title'],
                ],
            ],
            $this->reach([['category', 'isExactly', [$this->id('categories', 'Inks')]]]),
        );
        $this->publish($template);
        $fed = fn (string $address): array => $this->slugs($address, 'offers');
        self::assertCount(2, $fed('/c/inks'));
        self::assertSame($fed('/c/inks'), $fed('/c/inks?page=2&sort=dear'));
        self::assertNotSame($this->slugs('/c/inks'), $this->slugs('/c/inks?page=2'));
    }

    public function test_what_a_block_names_is_found_when_it_is_merged_and_said_before_it_is_deleted(): void
    {
        $this->actingAs($this->owner);
        [$from, $into] = [$this->id('collections', 'For left-handers'), $this->id('collections', 'Everything teal')];
        $template = $this->made(PageKind::Home, 'front');
        $column = $this->block($template, 'column');
        $this->edit($template,
            [
                'edit' => 'insert',
                'parent' => $column,
                'after' => null,
                'node' => [
                    'id' => 'lefty',
                    'kind' => 'product-grid',
                    'what' => ['feed' => 'collection', 'collection' => $from, 'sort' => 'own'],
                ],
            ],
            [
                'edit' => 'insert',
                'parent' => $column,
                'after' => null,
                'node' => [
                    'id' => 'ways',
                    'kind' => 'beneath',
                    'what' => [
                        'from' => 'collection',
                        'collections' => [$from],
                        'categories' => [$this->id('categories', 'Inks')],
                    ],
                ],
            ],
        );
        $this->publish($template);
        foreach (["collection/$from", 'category/'.$this->id('categories', 'Inks')] as $thing) {
            self::assertContains(
                $template->name,
                array_column($this->getJson("/studio/catalogue/$thing/uses")->assertOk()->json('pages'), 'name'),
            );
        }
        self::assertNotSame([], $this->slugs('/', 'lefty'));
        $this->get('/')->assertSee('/collection/for-left-handers');
        $this->postJson("/studio/catalogue/collection/$from/merge", ['into' => $into])->assertOk();
        $this->anew();
        self::assertSame($this->slugs('/', 'lefty'), $this->slugs('/collection/everything-teal'));
        $this->get('/')->assertSee('/collection/everything-teal')->assertDontSee('/collection/for-left-handers');
        DB::table('collections')->where('id', $into)->delete();
        $this->anew();
        self::assertSame([], $this->slugs('/', 'lefty'));
    }

    public function test_a_listing_page_asks_as_often_for_few_products_as_for_many(): void
    {
        $counts = $asked = [];
        foreach ([0, 3000] as $number) {
            $number === 0 || MoreProducts::fillUpTo($number);
            $this->app->make(KeepingVerdicts::class)->bringUp();
            foreach ([
                '/c/inks', '/collection/winter-letters', '/collection/last-pieces', '/brand/pellinray', '/tag/everyday',
                '/all', '/',
            ] as $address) {
                // What is compiled and kept is so after the first of them, or once its answer has gone out.
                foreach (range(1, 2) as $before) {
                    $this->get($address)->assertOk();
                    $this->anew();
                }
                DB::flushQueryLog();
                DB::enableQueryLog();
                $this->get($address)->assertOk();
                $counts[$address][] = count(DB::getQueryLog());
                $asked[$address][] = implode("\n", array_column(DB::getQueryLog(), 'query'));
                DB::disableQueryLog();
            }
        }
        foreach ($counts as $address => [$few, $many]) {
            self::assertSame($few, $many, "$address\n\n".implode("\n\n", $asked[$address]));
            // What a rule takes is kept with the verdicts: what is kept, what is stale, how many there are.
            $most = match ($address) {
                '/' => 26,
                '/collection/last-pieces' => 20,
                default => 17,
            };
            self::assertLessThanOrEqual($most, $many, $address);
        }
    }

    public function test_nobody_gives_a_grid_a_rule_that_cannot_be_asked(): void
    {
        $this->actingAs($this->owner);
        $template = $this->made(PageKind::Home, 'front');
        $set = fn (mixed $rule): array => ['edits' => [[
            'edit' => 'set',
            'id' => $this->block($template, 'product-grid'),
            'question' => 'what',
            'setting' => 'rule',
            'value' => $rule,
            'width' => 'desktop',
        ]]];
        foreach ([
            'every',
            7,
            ['format' => 2, 'show' => [[['field' => 'moon', 'comparison' => 'is', 'values' => []]]]],
            ['format' => 99, 'show' => []],
        ] as $rule) {
            $this->postJson("/studio/templates/$template->id/edits", $set($rule))
                ->assertStatus(422)
                ->assertJsonPath('problems.0.code', 'setting.not-a-rule');
        }
        $this->postJson("/studio/templates/$template->id/edits", $set(self::RULE))->assertOk();
    }

    private function made(PageKind $kind, string $start): Template
    {
        $template = $this->app->make(Templates::class)->fromStart("Our $kind->value", $start, $this->owner, $kind);
        self::assertNotNull($template);

        return $template;
    }

    /** @return list<string> of the products in the grid of the page, or in one block */
    private function slugs(string $address, ?string $block = null): array
    {
        $this->anew();
        $html = (string) $this->get($address)->assertOk()->getContent();
        $list = $block === null ? '//*[@data-list][1]' : "//*[@data-b='$block'][1]";

        return self::attributes($html, "{$list}//a[contains(@class, 'card-cover')]/@href", '/p/');
    }
}
