<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Sheets;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Doors\Shapes\Shapes;
use Vestibra\Tests\App\Doors\Shapes\Conforming;
use Vestibra\Tests\App\TestCase;

/** The lists of the catalogue, and its forms. */
final class ThingsTest extends TestCase
{
    public function test_products_are_found_by_a_sentence_as_rules_find_them(): void
    {
        $inks = $this->id('categories', 'Inks');
        $brand = $this->id('brands', 'Pellinray');
        $expected = DB::select(
            'select count(distinct p.id) as n from products p join category_product h on h.product_id = p.id join '
                .'categories d on d.id = h.category_id join categories t on d.lower between t.lower and t.upper '
                .'where t.id = ? and p.brand_id = ?',
            [$inks, $brand],
        )[0]->n;

        self::assertGreaterThan(2, $expected);
        self::assertSame($expected, $this->rows(self::where(['category', 'isIn', [$inks]], ['brand', 'isOneOf',
            [$brand]]))['total']);
        self::assertSame(DB::table('products')->where('published', 0)->count(), $this->rows('state=hidden')['total']);
        self::assertSame(
            (int) DB::scalar('select count(*) from products where picture_count = 0'),
            $this->rows(self::where(['picture', 'atMost', [0]]))['total'],
        );
        self::assertSame(DB::table('products')->count(), $this->rows('state=nonsense&sort[]=3&template=abc')['total']);
    }

    public function test_the_sentence_goes_on_with_any_condition_of_rules_and_no_address_breaks_it(): void
    {
        $where = static fn (mixed $conditions): string => 'where='.rawurlencode((string) json_encode($conditions));
        $dear = ['field' => 'price', 'comparison' => 'atLeast', 'values' => [3000]];
        $expected = (int) DB::scalar(
            'select count(*) from (select v.product_id from variants v join products p on p.id = v.product_id where '
                .'v.published = 1 group by v.product_id having min(v.price) >= 3000 and max(v.sale_price) is null)',
        );
        $found = $this->rows($where([$dear, ['field' => 'sale', 'comparison' => 'isOff', 'values' => []]]));
        self::assertGreaterThan(2, $found['total']);
        self::assertSame(
            [2, '£30.00'],
            [count($found['clause']['conditions']), $found['clause']['phrases'][0]['values']],
        );
        self::assertLessThanOrEqual($found['total'], $expected);
        self::assertSame(
            0,
            $this->rows($where([$dear, ['field' => 'price', 'comparison' => 'atMost', 'values' => [100]]]))['total'],
        );
        foreach ([
            'where=x', 'where[]=1', $where([['field' => 'nonsense']]), $where('x'), $where([[[]]]),
            'where='.str_repeat('[', 3_000), $where([]),
        ] as $query) {
            self::assertSame(DB::table('products')->count(), $this->rows($query)['total'], $query);
        }
    }

    public function test_the_variants_of_many_products_stand_in_one_sheet_in_the_order_of_the_list(): void
    {
        $conforming = new Conforming(Shapes::ofProject());
        $all = [];
        for ($from = 0; $from < 125; $from += 25) {
            $page = $this->actingAs($this->owner)->getJson("/studio/catalogue/sheet/rows?from=$from")
                ->assertOk()
                ->json();
            self::assertNull($conforming->to('VariantPage', $page));
            self::assertSame(
                array_map(static fn (array $line): string => "variant/{$line['id']}", $page['lines']),
                array_values(array_intersect(
                    array_map(static fn (array $line): string => "variant/{$line['id']}", $page['lines']),
                    array_keys($page['stands']),
                )),
            );
            $all = [...$all, ...$page['lines']];
        }
        self::assertSame(DB::table('variants')->count(), count(array_unique(array_column($all, 'id'))));
        self::assertSame(['Almanac fountain pen', 'Navy, Extra fine'], [$all[0]['title'], $all[0]['called']]);
        $this->get('/studio/catalogue/sheet?q=nothing-is-called-that')->assertOk();
        $this->get('/studio/catalogue/sheet?brand[]=1&from=-3&where=[')->assertOk();
    }

    public function test_a_stock_number_or_a_bar_code_finds_its_product(): void
    {
        $variant = DB::table('variants')->where('barcode', '<>', '')->first();
        self::assertNotNull($variant);
        foreach ([strtolower($variant->sku), $variant->barcode] as $words) {
            self::assertSame(
                [$variant->product_id],
                array_column($this->rows('q='.rawurlencode($words))['rows'], 'id'),
            );
        }
    }

    public function test_the_cheapest_and_the_dearest_come_first_and_still_do_when_a_price_was_changed(): void
    {
        $prices = fn (string $sort): array => array_map(
            static fn (int $id): mixed => DB::table('variants')->where('product_id', $id)->min('price'),
            array_column($this->rows("sort=$sort")['rows'], 'id'),
        );
        [$cheap, $dear] = [$prices('cheap'), $prices('dear')];
        self::assertSame(self::inOrder($cheap), $cheap);
        self::assertSame(array_reverse(self::inOrder($dear)), $dear);
        self::assertLessThan($dear[0], $cheap[0]);

        $variant = DB::table('variants')->where('product_id', 1)->orderBy('id')->first(['id', 'price']);
        $this->actingAs($this->owner)->postJson('/studio/catalogue/save', ['changes' => [[
            'thing' => 'variant',
            'id' => $variant->id,
            'before' => [
                'price' => $variant->price,
                'salePrice' => DB::table('variants')->where('id', $variant->id)->value('sale_price'),
            ],
            'after' => ['price' => 1, 'salePrice' => null],
        ]]])->assertOk();
        self::assertSame(1, $this->rows('sort=cheap')['rows'][0]['id']);
    }

    /** @param  array{string, string, list<int>}  ...$conditions */
    private static function where(array ...$conditions): string
    {
        return 'where='.rawurlencode((string) json_encode(array_map(static fn (array $one): array => array_combine(
            ['field', 'comparison', 'values'],
            $one,
        ), $conditions)));
    }

    /**
     * @param  list<mixed>  $prices
     * @return list<mixed>
     */
    private static function inOrder(array $prices): array
    {
        sort($prices);

        return $prices;
    }

    public function test_any_place_of_the_list_is_asked_for_and_each_product_stands_in_it_once(): void
    {
        foreach (['title', 'new', 'cheap', 'dear'] as $sort) {
            $seen = [];
            for ($from = 0; $from < 150; $from += 50) {
                $seen = [...$seen, ...array_column($this->rows("sort=$sort&from=$from")['rows'], 'id')];
            }
            self::assertSame(count($seen), count(array_unique($seen)));
            self::assertSame(DB::table('products')->count(), count($seen));
        }
        self::assertSame([], $this->rows('from=100000')['rows']);
        $category = self::where(['category', 'isIn', [$this->id('categories', 'Inks')]]);
        $all = $this->rows($category);
        self::assertSame(
            [[], $all['total']],
            [$this->rows("$category&from=100000")['rows'], $this->rows("$category&from=100000")['total']],
            'Beyond the end their number is known still.',
        );
        self::assertSame(
            array_reverse(array_column($this->rows("$category&sort=cheap")['rows'], 'id')),
            array_column($this->rows("$category&sort=dear")['rows'], 'id'),
        );
        self::assertSame(0, $this->rows('q=nothing-is-called-that')['total']);
    }

    public function test_lists_and_forms_have_the_shapes_that_were_promised(): void
    {
        $conforming = new Conforming(Shapes::ofProject());
        self::assertNull($conforming->to('FoundPage', $this->rows('')));
        foreach ([
            'category' => 'categories', 'collection' => 'collections', 'brand' => 'brands', 'tag' => 'tags',
            'option' => 'options',
        ] as $thing => $table) {
            $page = $this->actingAs($this->owner)->getJson("/studio/catalogue/$thing/rows")->assertOk();
            self::assertNull($conforming->to('ThingPage', $page->json()));
            self::assertSame(DB::table($table)->count(), $page->json('total'));
            foreach ([$page->json('rows.0.id'), 'new'] as $id) {
                self::assertIsScalar($id);
                self::assertNull(
                    $conforming->to('ThingData', $this->screen("/studio/catalogue/$thing/$id")),
                    "$thing $id",
                );
            }
            $this->get("/studio/catalogue/$thing/99999")->assertNotFound();
            self::assertNull($conforming
                ->to('ThingUses', $this->getJson("/studio/catalogue/$thing/1/uses")->assertOk()->json()));
        }
        self::assertNull($conforming->to('FoundData', $this->screen('/studio/catalogue')));
        self::assertNull($conforming->to('ProductData', $this->screen('/studio/products/new')));
    }

    public function test_the_tree_is_listed_as_it_stands_with_what_lies_beneath(): void
    {
        $rows = (array) $this->actingAs($this->owner)->getJson('/studio/catalogue/category/rows')->json('rows');
        $names = array_column($rows, 'name');
        $byName = array_combine($names, $rows);

        self::assertSame(array_search('Inks', $names, true) + 1, array_search('Bottled inks', $names, true));
        self::assertSame(
            [1, 2, 3],
            [$byName['Inks']['depth'], $byName['Bottled inks']['depth'], $byName['Shimmer inks']['depth']],
        );
        self::assertGreaterThan($byName['Bottled inks']['count'], $byName['Inks']['count']);
    }

    public function test_all_that_are_asked_for_by_number_have_their_names(): void
    {
        $ids = DB::table('products')->limit(80)->pluck('id')->all();

        self::assertCount(
            80,
            (array) $this->actingAs($this->owner)->getJson('/studio/names/product?ids='.implode(',', $ids))
                ->assertJsonPath('more', false)
                ->json('names'),
        );
        self::assertCount(24, (array) $this->getJson('/studio/names/product')->json('names'));
    }

    public function test_a_value_is_found_by_its_option_too(): void
    {
        $names = array_column(
            (array) $this->actingAs($this->owner)->getJson('/studio/names/option-value?q=size+a5')->json('names'),
            'name',
        );

        self::assertSame(['Size A5'], $names);
    }

    public function test_what_uses_a_brand_is_said(): void
    {
        $brand = $this->id('brands', 'Pellinray');
        $template = $this->template('Of Pellinray');
        $this->edit($template, $this->reach([['brand', 'isOneOf', [$brand]]]));
        $uses = $this->actingAs($this->owner)->getJson("/studio/catalogue/brand/$brand/uses")->assertOk();

        $uses->assertJsonPath('rules', [['id' => $template->id, 'name' => 'Of Pellinray', 'live' => false]]);
        $uses->assertJsonPath('products', DB::table('products')->where('brand_id', $brand)->count());
        $this->getJson('/studio/catalogue/brand/'.$this->id('brands', 'Ostrelve').'/uses')->assertJsonPath('rules', []);
    }

    /**
     * @return array{rows: list<array{id: int}>, total: int, clause: array{conditions: list<mixed>,
     *     phrases: list<array{values: string}>}}
     */
    private function rows(string $query): array
    {
        /**
         * @var array{rows: list<array{id: int}>, total: int, clause: array{conditions: list<mixed>,
         *     phrases: list<array{values: string}>}} $page
         */
        $page = $this->actingAs($this->owner)->getJson("/studio/who/rows?list=products&$query")->assertOk()->json();

        return $page;
    }

    private function screen(string $address): mixed
    {
        $html = (string) $this->actingAs($this->owner)->get($address)->assertOk()->getContent();
        preg_match('~<script[^>]*id="screen"[^>]*>(.*?)</script>~s', $html, $found);

        return ((array) json_decode($found[1] ?? '', true))['data'] ?? null;
    }
}
