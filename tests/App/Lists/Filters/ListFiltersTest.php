<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Lists\Filters;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Lists\Filters\FilterPacks;
use Vestibra\App\Lists\Filters\FilterWish;
use Vestibra\App\Lists\Filters\ListFilters;
use Vestibra\App\Lists\Filters\NarrowedList;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Records\Catalogue\Sql\ProductIndex;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Demo\MoreProducts;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Outside;

/**
 * Counts are what an independent script gets from the plain tables: with hidden and sold out things, missing facts, and
 * after whatever changed.
 */
final class ListFiltersTest extends TestCase
{
    private const PRODUCTS = 260;

    private const FACT = 2;

    public function test_counts_equal_those_of_a_script_outside_the_project(): void
    {
        mt_srand($seed = random_int(1, 1_000_000));
        MoreProducts::fillUpTo(self::PRODUCTS, $seed);
        DB::update('update variants set stock = 0 where id % 5 = 0');
        DB::update('update variants set published = 0 where id % 11 = 0');
        DB::update('update products set published = 0 where id % 13 = 0');
        $packs = $this->app->make(FilterPacks::class);
        $cases = $ours = [];
        foreach (['nothing packed yet', 'packed', 'changed', 'packed anew'] as $state) {
            if ($state === 'changed') {
                $this->change();
            } elseif ($state !== 'nothing packed yet') {
                $packs->refresh();
            }
            // Texts are numbered once they have been read.
            $packs->read([]);
            foreach ([$this->all(), $this->category('Pens')] as $subject) {
                $asked = array_map(fn (): array => $this->anyChoices(), range(1, 6));
                $cases[] = [
                    'shop' => $this->tables($subject),
                    'filters' => self::filters(),
                    'asked' => array_map(static fn (array $one): object => (object) $one, $asked),
                ];
                $ours[] = [
                    "seed $seed, $state",
                    array_map(fn (array $choices): NarrowedList => $this->narrowed($subject, $choices), $asked),
                ];
            }
        }
        /** @var list<list<array{left: list<int>, counts: array<string, list<array{int, int}>>}>> $theirs */
        $theirs = Outside::ask('narrow.mjs', $cases);
        foreach ($ours as $at => [$where, $narrowed]) {
            foreach ($narrowed as $number => $one) {
                $ids = $one->outcome->found->ids();
                sort($ids);
                self::assertSame($theirs[$at][$number]['left'], $ids, $where);
                foreach ($theirs[$at][$number]['counts'] as $filter => $counts) {
                    self::assertSame(array_column($counts, 1, 0), $one->outcome->counts[$filter], "$where, $filter");
                }
            }
        }
    }

    public function test_of_every_list_the_products_that_it_holds_are_narrowed_and_no_others(): void
    {
        $pages = $this->app->make(PagesOfTheShop::class);
        foreach ([
            [PageKind::Collection, 'everything-teal'], [PageKind::Collection, 'on-offer-now'],
            [PageKind::Collection, 'staff-favourites'], [PageKind::Brand, 'pellinray'], [PageKind::Tag, 'gift'],
            [PageKind::Category, 'pens'], [PageKind::AllProducts, 'all'], [PageKind::Search, 'teal'],
        ] as [$kind, $slug]) {
            $subject = $pages->get($kind)->bySlug($slug);
            assert($subject instanceof Assortment);
            $found = $this->narrowed($subject, [])->outcome->found->ids();
            $held = array_column(
                DB::select(
                    'select p.id from products p where p.published = 1 and p.id in '
                        ."({$pages->get($kind)->holding($subject)})",
                ),
                'id',
            );

            self::assertEqualsCanonicalizing($held, $found, $slug);
            self::assertSame([$subject->products, true], [count($found), $found !== []], $slug);
        }
    }

    public function test_a_sale_that_begins_or_ends_is_heard_of_though_nothing_was_written(): void
    {
        $this->travelTo('2026-12-01 11:00:00');
        DB::update('update variants set sale_price = null, sale_from = null, sale_until = null');
        $product = (int) DB::table('products')->where('published', 1)->value('id');
        DB::update(
            "update variants set sale_price = 1, sale_from = '2026-12-01 12:00:00', sale_until = '2026-12-01 "
                ."13:00:00' where product_id = ?",
            [$product],
        );
        $this->app->make(FilterPacks::class)->refresh();
        $onSale = fn (): array => $this->narrowed($this->all(), ['sale' => [1]])->outcome->found->ids();

        self::assertSame([], $onSale());
        $this->travelTo('2026-12-01 12:00:00');
        self::assertSame([$product], $onSale());
        $this->app->make(FilterPacks::class)->refresh();
        self::assertSame([$product], $onSale());
        $this->travelTo('2026-12-01 13:00:00');
        self::assertSame([], $onSale());
        $this->travelTo('2026-12-01 11:30:00');
        self::assertSame([], $onSale(), 'Somebody looks at another day: back as well as on.');
    }

    public function test_whoever_changes_a_product_its_pack_is_out_of_date(): void
    {
        $packs = $this->app->make(FilterPacks::class);
        $product = (int) DB::scalar(
            'select min(p.id) from products p where p.published = 1 and p.variant_count > 1 and exists (select 1 '
                .'from category_product c where c.product_id = p.id) and exists (select 1 from fact_values f where '
                .'f.product_id = p.id)',
        );
        $variant = (int) DB::table('variants')->where('product_id', $product)->value('id');
        $other = (int) DB::table('products')->where('id', '<>', $product)->value('id');
        foreach ([
            ['update products set published = 0 where id = ?', [$product]],
            ['update products set brand_id = null where id = ?', [$product]],
            ['update products set star_sum = 3, review_count = 1 where id = ?', [$product]],
            ['update variants set price = price + 1 where id = ?', [$variant]],
            ['update variants set sale_price = 1 where id = ?', [$variant]],
            ['update variants set stock = 0 where id = ?', [$variant]],
            ['update variants set published = 0 where id = ?', [$variant]],
            ['delete from variant_values where variant_id = ?', [$variant]],
            [
                'insert into product_tag (product_id, tag_id) select ?, max(id) from tags where id not in (select '
                    .'tag_id from product_tag where product_id = ?)',
                [$product, $product],
            ],
            ['delete from product_tag where product_id = ?', [$product]],
            ['delete from category_product where product_id = ?', [$product]],
            ['delete from fact_values where product_id = ?', [$product]],
            [
                'insert into fact_values (product_id, fact_id, position, written, folded) values (?, 2, 0, '
                    .'\'Piston\', \'piston\')',
                [$product],
            ],
            ['update variants set product_id = ? where id = ?', [$other, $variant]],
            ['delete from products where id = ?', [$product]],
        ] as [$sql, $bindings]) {
            $packs->refresh();
            self::assertSame([], $packs->changed());
            DB::statement($sql, $bindings);
            self::assertContains($product, $packs->changed(), $sql);
        }
        $packs->refresh();
        DB::update('update products set title = title where id = ?', [$other]);
        self::assertSame([], $packs->changed(), 'What filters do not look at is none of their business.');
    }

    public function test_after_a_change_of_many_they_are_packed_anew_before_a_customer_comes(): void
    {
        $packs = $this->app->make(FilterPacks::class);
        $packs->refresh();
        DB::update('update variants set price = price + 1');
        self::assertNotSame([], $packs->changed());
        ProductIndex::refresh(...array_map(intval(...), DB::table('products')->pluck('id')->all()));

        self::assertSame([], $packs->changed());
    }

    public function test_however_many_are_asked_for_the_number_of_queries_is_the_same(): void
    {
        $queries = function (array $choices): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->narrowed($this->all(), $choices);

            return count(DB::getQueryLog());
        };
        $this->app->make(FilterPacks::class)->refresh();
        $queries([]);
        $none = $queries([]);

        self::assertSame($none, $queries(['brand' => [1, 2, 3], 'price' => [1, 5_000], 'tag' => range(1, 20)]));
        self::assertLessThanOrEqual(8, $none);
        MoreProducts::fillUpTo(self::PRODUCTS);
        $this->app->make(FilterPacks::class)->refresh();
        self::assertSame($none, $queries(['brand' => [1]]));
    }

    private function change(): void
    {
        DB::update('update variants set price = price * 2 where id % 7 = 0');
        DB::update('update products set published = 1 - published where id % 9 = 0');
        DB::delete('delete from products where id % 17 = 0');
        DB::delete('delete from brands where id = (select min(id) from brands)');
        DB::update(
            'update categories set parent_id = (select id from categories where name = \'Pens\') where name = \'Inks\'',
        );
        DB::delete('delete from fact_values where product_id % 6 = 0');
        $this->anew();
    }

    /** @param  array<string, list<int|null>>  $choices */
    private function narrowed(Assortment $subject, array $choices): NarrowedList
    {
        $asked = [];
        foreach ($choices as $filter => $values) {
            $parameter = preg_replace(['/^option\.(\d+)$/', '/^fact\.(\d+)$/'], ['x-o$1', 'x-f$1'], $filter);
            $asked[$parameter] = $filter === 'price'
                ? sprintf('%s-%s', self::money($values[0] ?? null), self::money($values[1] ?? null))
                : implode('.', $values);
        }
        $kind = PageKind::from($subject->kind()->value);
        $wishes = array_map(static function (array $filter): FilterWish {
            [$by, $number] = [...explode('.', $filter['key']), 0];

            return new FilterWish($by, (int) $number, $filter['onlyInStock']);
        }, self::filters());

        return $this->app->make(ListFilters::class)->of(
            $subject,
            $this->app->make(PagesOfTheShop::class)->get($kind)->holding($subject),
            $wishes,
            $asked,
            static fn (): Sql => new Sql('0'),
        );
    }

    private static function money(?int $pence): string
    {
        return $pence === null ? '' : sprintf('%d.%02d', intdiv($pence, 100), $pence % 100);
    }

    /** @return list<array{key: string, range: bool, onlyInStock: bool}> */
    private static function filters(): array
    {
        return array_map(
            static fn (string $key): array => [
                'key' => $key,
                'range' => $key === 'price',
                'onlyInStock' => in_array($key, ['option.3', 'price'], true),
            ],
            [
                'category', 'brand', 'tag', 'rating', 'fact.'.self::FACT, 'price', 'sale', 'stock', 'option.3',
                'option.4',
            ],
        );
    }

    /** @return array<string, list<int|null>> */
    private function anyChoices(): array
    {
        $some = static fn (string $table, string $where = '1'): array =>
            array_column(DB::select("select id from $table where $where order by random() limit ".mt_rand(1, 3)), 'id');
        $choices = [];
        foreach ([
            'category' => ['categories'],
            'brand' => ['brands'],
            'tag' => ['tags'],
            'fact.'.self::FACT => ['filter_words', 'fact_id = '.self::FACT],
            'option.3' => ['option_values', 'option_id = 3'],
            'option.4' => ['option_values', 'option_id = 4'],
        ] as $filter => $from) {
            $choices += mt_rand(0, 3) === 0 ? [$filter => $some(...$from)] : [];
        }
        foreach (['rating' => 4, 'sale' => 2, 'stock' => 2] as $filter => $of) {
            $choices += mt_rand(0, 4) === 0 ? [$filter => [mt_rand(1, $of)]] : [];
        }
        $choices += mt_rand(0, 3) === 0
            ? ['price' => [mt_rand(100, 3_000), mt_rand(0, 1) === 0 ? null : mt_rand(3_000, 9_000)]]
            : [];

        return array_filter($choices);
    }

    private function all(): Assortment
    {
        $subject = $this->app->make(PagesOfTheShop::class)->get(PageKind::AllProducts)->read(1);
        assert($subject instanceof Assortment);

        return $subject;
    }

    private function category(string $name): Assortment
    {
        $subject = $this->app->make(PagesOfTheShop::class)
            ->get(PageKind::Category)
            ->read($this->id('categories', $name));
        assert($subject instanceof Assortment);

        return $subject;
    }

    /** @return array<string, mixed> */
    private function tables(Assortment $subject): array
    {
        $products = [];
        foreach (DB::select(
            'select id, published, brand_id, review_count, star_sum from products order by id',
        ) as $row) {
            $products[$row->id] = (array) $row
                + ['categories' => [], 'tags' => [], 'facts' => (object) [], 'variants' => []];
        }
        foreach (DB::select('select product_id, category_id from category_product') as $row) {
            $products[$row->product_id]['categories'][] = $row->category_id;
        }
        foreach (DB::select('select product_id, tag_id from product_tag') as $row) {
            $products[$row->product_id]['tags'][] = $row->tag_id;
        }
        foreach (DB::select(
            'select v.product_id, v.fact_id, w.id from fact_values v join filter_words w on w.fact_id = v.fact_id '
                .'and w.folded = v.folded where v.fact_id = ?',
            [self::FACT],
        ) as $row) {
            $products[$row->product_id]['facts']->{$row->fact_id}[] = $row->id;
        }
        $values = [];
        foreach (DB::select('select variant_id, option_id, option_value_id from variant_values') as $row) {
            $values[$row->variant_id][$row->option_id] = $row->option_value_id;
        }
        foreach (DB::select(
            'select id, product_id, published, price, sale_price, sale_from, sale_until, stock from variants',
        ) as $row) {
            $products[$row->product_id]['variants'][] = (array) $row + ['values' => (object) ($values[$row->id] ?? [])];
        }

        return [
            'now' => $this->app->make(ShopClock::class)->now()->format('Y-m-d H:i:s'),
            'parents' => (object) DB::table('categories')->pluck('parent_id', 'id')->all(),
            'category' => $subject->kind()->value === 'category' ? $subject->id() : null,
            'products' => array_values($products),
        ];
    }
}
