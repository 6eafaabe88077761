<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Saving;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\App\Work\Saving\Refusal;
use Vestibra\App\Work\Saving\Saved;
use Vestibra\App\Work\Saving\Saving;
use Vestibra\Core\Catalogue\Changing\Applying;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Problem;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Catalogue\Changing\Drawer;
use Vestibra\Tests\Core\Chance;

final class SavingTest extends TestCase
{
    /** Tables that the history itself writes, and what is made anew by numbers of its own. */
    private const BESIDE = [
        'catalogue_entries', 'catalogue_entry_things', 'old_address_names', 'sqlite_sequence', 'live_rules',
        'filter_packs', 'filter_bits', 'filter_stale', 'filter_words', 'kept_verdicts', 'kept_templates', 'kept_state',
        'stale_verdicts',
        'selections', 'selected_pages', 'kept_filters', 'row_headers', 'kept_orders', 'kept_orders_state',
        'stale_orders', 'kept_counts', 'searched',
    ];

    public function test_whatever_is_deleted_comes_back_to_the_byte(): void
    {
        $this->pin();
        foreach ([Thing::Product, Thing::Brand, Thing::Tag, Thing::Collection, Thing::Category] as $thing) {
            $table = [
                'product' => 'products', 'brand' => 'brands', 'tag' => 'tags', 'collection' => 'collections',
                'category' => 'categories',
            ][$thing->value];
            $ids = DB::table($table)
                ->when($thing === Thing::Category, static fn ($query) => $query->whereRaw('lower = upper'))
                ->orderByRaw('id * 7 % 11')
                ->limit(4)
                ->pluck('id')
                ->all();
            foreach ($ids as $id) {
                $before = $this->everything();
                $saved = $this->save(new Change($thing, (int) $id, [], null));
                self::assertNotSame($before, $this->everything());

                self::assertInstanceOf(Saved::class, $this->saving()->takeBack($saved->id, $this->owner));
                self::assertSame($before, $this->everything(), "$thing->value $id");
            }
        }
    }

    public function test_memory_and_database_agree_about_what_an_entry_makes(): void
    {
        $chance = new Chance(23);
        $tags = array_values(array_map(intval(...), DB::table('tags')->pluck('id')->all()));
        $pictures = array_values(array_map(intval(...), DB::table('pictures')->limit(30)->pluck('id')->all()));
        $stored = $this->app->make(StoredThings::class);
        for ($round = 0; $round < 60; $round++) {
            $ids = [$chance->number(1, 100), $chance->number(1, 100)];
            $stands = $stored->read(Thing::Product, $ids);
            $changes = [];
            foreach ($stands as $id => $fields) {
                $new = [
                    'title' => 'Ink '.$chance->number(0, 5),
                    'published' => $chance->oneIn(2),
                    'brand' => $chance->oneIn(3) ? null : $chance->number(1, 4),
                    'tags' => self::sorted($chance->some($tags, 4)),
                    'pictures' => array_values($chance->shuffled($chance->some($pictures, 4))),
                ];
                $some = array_intersect_key($new, array_flip($chance->some(array_keys($new), 5)));
                $changes[] = new Change(Thing::Product, $id, array_intersect_key($fields, $some), $some);
            }
            $changes = array_values(array_filter($changes, static fn (Change $change): bool => $change->after !== []));
            $drawer = new Drawer(['product' => $stands]);
            (new Applying($drawer))->apply(new Entry($changes));
            $changes === [] || $this->save(...$changes);

            self::assertEquals($drawer->things['product'], $stored->read(Thing::Product, $ids));
        }
    }

    public function test_saving_says_which_pages_move_and_foreseeing_says_the_same_and_leaves_nothing(): void
    {
        $shimmer = $this->template('Presents');
        $this->edit($shimmer, $this->reach([['tag', 'hasAnyOf', [$this->id('tags', 'gift')]]]));
        $this->publish($shimmer);
        $product = (int) DB::scalar(
            'select p.id from products p where p.published = 1 and not exists (select 1 from product_tag x join tags '
                .'t on t.id = x.tag_id where x.product_id = p.id and t.name = ?) order by p.id limit 1',
            ['gift'],
        );
        $tags = $this->fields(Thing::Product, $product)['tags'];
        assert(is_array($tags));
        $change = new Change(Thing::Product, $product, ['tags' => $tags], [
            'tags' => self::sorted([...$tags, $this->id('tags', 'gift')]),
        ]);

        $before = $this->everything();
        $foreseen = $this->saving()->foresee(new Entry([$change]));
        self::assertInstanceOf(Saved::class, $foreseen);
        self::assertSame($before, $this->everything());

        $saved = $this->save($change);
        self::assertSame($foreseen->moves, $saved->moves);
        self::assertSame(1, $saved->moves['moved']);
        self::assertSame('Presents', $saved->moves['moves'][0]['toName']);
        self::assertSame($product, $saved->moves['moves'][0]['pages'][0]['id']);

        $back = $this->saving()->takeBack($saved->id, $this->owner);
        self::assertInstanceOf(Saved::class, $back);
        self::assertSame('Presents', $back->moves['moves'][0]['fromName']);
    }

    public function test_a_category_that_moves_takes_the_pages_beneath_it_along(): void
    {
        $bottled = $this->id('categories', 'Bottled inks');
        $pens = $this->id('categories', 'Pens');
        $template = $this->template('All pens');
        $this->edit($template, $this->reach([['category', 'isIn', [$pens]]]));
        $this->publish($template);
        $beneath = (int) DB::scalar(
            'select count(distinct p.id) from products p join category_product h on h.product_id = p.id join '
                .'categories d on d.id = h.category_id join categories t on d.lower between t.lower and t.upper '
                .'where t.id = ? and p.published = 1'
                .' and not exists (select 1 from category_product g join categories e on e.id = g.category_id join '
                .'categories s on e.lower between s.lower and s.upper where g.product_id = p.id and s.id = ?)',
            [$bottled, $pens],
        );

        $saved = $this->save(new Change(
            Thing::Category,
            $bottled,
            ['parent' => $this->fields(Thing::Category, $bottled)['parent']],
            ['parent' => $pens],
        ));

        self::assertGreaterThan(3, $beneath);
        self::assertSame($beneath, $saved->moves['moved']);
        self::assertSame(
            [],
            DB::select(
                'select c.id from categories c join categories p on p.id = c.parent_id where not (c.lower > p.lower '
                    .'and c.upper <= p.upper)',
            ),
        );
    }

    public function test_a_product_that_is_made_and_one_that_goes_are_said(): void
    {
        $made = $this->save(
            new Change(
                Thing::Product,
                -1,
                null,
                ['title' => 'Dusk ink', 'slug' => 'dusk-ink', 'brand' => -2] + $this->empty(Thing::Product),
            ),
            new Change(
                Thing::Brand,
                -2,
                null,
                ['name' => 'Nightjar', 'slug' => 'nightjar'] + $this->empty(Thing::Brand),
            ),
            new Change(
                Thing::Variant,
                -1,
                null,
                ['product' => -1, 'sku' => 'DUSK', 'price' => 1250] + $this->empty(Thing::Variant),
            ),
        );
        $id = $made->numbers['product/-1'];

        self::assertSame(['product', 'brand'], array_column($made->moves['arrivals'], 'pageKind'));
        self::assertSame('Made “Dusk ink”', $made->words);
        self::assertSame('DUSK', DB::table('variants')->where('product_id', $id)->value('sku'));
        $this->get('/p/dusk-ink')->assertOk()->assertSee('£12.50');
        $this->get('/search?q=nightjar')->assertSee('Dusk ink');

        $gone = $this->save(new Change(Thing::Product, $id, ['title' => 'Dusk ink'], null));
        self::assertSame(1, $gone->moves['gone']);
        $this->get('/p/dusk-ink')->assertNotFound();
        self::assertSame([], DB::select('select rowid from product_words where rowid = ?', [$id]));
    }

    public function test_two_people_on_one_product_meet_only_in_the_same_field(): void
    {
        $product = 3;
        $fields = $this->fields(Thing::Product, $product);
        $this->save(new Change(Thing::Product, $product, ['title' => $fields['title']], ['title' => 'Robin’s ink']));
        $this->save(new Change(Thing::Product, $product, ['brand' => $fields['brand']], ['brand' => null]));
        $refused = $this->saving()->save(
            new Entry([new Change(Thing::Product, $product, ['title' => $fields['title'], 'published' => true], [
                'title' => 'Ada’s ink',
                'published' => false,
            ])]),
            $this->owner,
        );

        self::assertInstanceOf(Refusal::class, $refused);
        self::assertSame(['title'], array_column($refused->crossings, 'field'));
        self::assertSame('Robin’s ink', $refused->crossings[0]->theirs);
        self::assertSame(true, $this->fields(Thing::Product, $product)['published']);
    }

    public function test_stock_that_an_order_has_changed_meanwhile_is_not_overwritten(): void
    {
        $variant = (int) DB::table('variants')->whereNotNull('stock')->where('stock', '>', 1)->value('id');
        $stock = $this->fields(Thing::Variant, $variant)['stock'];
        DB::table('variants')->where('id', $variant)->decrement('stock');
        $refused = $this->saving()->save(
            new Entry([new Change(Thing::Variant, $variant, ['stock' => $stock], ['stock' => 50])]),
            $this->owner,
        );

        self::assertInstanceOf(Refusal::class, $refused);
        self::assertSame($stock - 1, $this->fields(Thing::Variant, $variant)['stock']);
    }

    public function test_what_was_changed_since_is_not_taken_back_unseen(): void
    {
        $fields = $this->fields(Thing::Product, 3);
        $first = $this->save(new Change(Thing::Product, 3, ['title' => $fields['title']], ['title' => 'Once']));
        $second = $this->save(new Change(Thing::Product, 3, ['title' => 'Once'], ['title' => 'Twice']));

        $refused = $this->saving()->takeBack($first->id, $this->owner);
        self::assertInstanceOf(Refusal::class, $refused);
        self::assertSame(CatalogueProblem::ChangedSince, $refused->problems[0]->code);

        self::assertInstanceOf(Saved::class, $this->saving()->takeBack($second->id, $this->owner));
        self::assertInstanceOf(Saved::class, $this->saving()->takeBack($first->id, $this->owner));
        self::assertSame($fields['title'], $this->fields(Thing::Product, 3)['title']);
        $again = $this->saving()->takeBack($first->id, $this->owner);
        self::assertInstanceOf(Refusal::class, $again);
        self::assertSame(CatalogueProblem::TakenBackAlready, $again->problems[0]->code);
        self::assertNull($this->saving()->takeBack(999_999, $this->owner));
    }

    public function test_a_save_that_arrives_twice_is_made_once(): void
    {
        $entry = new Entry(
            [new Change(Thing::Tag, -1, null, ['name' => 'new', 'slug' => 'new-things'] + $this->empty(Thing::Tag))],
        );
        $first = $this->saving()->save($entry, $this->owner, key: 'k1');
        $second = $this->saving()->save($entry, $this->owner, key: 'k1');

        self::assertInstanceOf(Saved::class, $first);
        self::assertInstanceOf(Saved::class, $second);
        self::assertSame([$first->id, $first->numbers, $first->moves], [$second->id, $second->numbers, $second->moves]);
        self::assertSame(1, DB::table('tags')->where('slug', 'new-things')->count());
    }

    public function test_an_old_address_name_leads_to_what_it_was_the_name_of(): void
    {
        $brand = $this->id('brands', 'Ostrelve');
        $this->save(new Change(Thing::Brand, $brand, ['slug' => 'ostrelve'], ['slug' => 'ostrelve-pens']));
        $this->save(new Change(Thing::Brand, $brand, ['slug' => 'ostrelve-pens'], ['slug' => 'ostrelve-of-york']));

        $taking = new Entry([
            new Change(Thing::Brand, -1, null, ['name' => 'Other', 'slug' => 'ostrelve'] + $this->empty(Thing::Brand)),
        ]);
        $refused = $this->saving()->save($taking, $this->owner);
        self::assertInstanceOf(Refusal::class, $refused);
        self::assertSame(CatalogueProblem::AddressNameLeads, $refused->problems[0]->code);
        self::assertSame('Ostrelve', $refused->problems[0]->values['other']);
        self::assertInstanceOf(Saved::class, $this->saving()->save($taking, $this->owner, knowingly: true));
    }

    /** @return list<array{string, CatalogueProblem, Change}> */
    private function bad(): array
    {
        $inks = $this->id('categories', 'Inks');
        $bottled = $this->id('categories', 'Bottled inks');
        $colour = (int) DB::table('options')->where('name', 'Colour')->value('id');
        $variants = DB::table('variants')->where(
            'product_id',
            DB::table('variants')->groupBy('product_id')->havingRaw('count(*) > 3')->value('product_id'),
        )
            ->orderBy('id')
            ->get();
        [$one, $two] = [$variants[0]->id ?? 0, $variants[1]->id ?? 0];
        $fields = fn (int $id): array => $this->fields(Thing::Variant, $id);

        return [
            [
                'category/'.$inks.'/parent',
                CatalogueProblem::Circle,
                new Change(Thing::Category, $inks, ['parent' => null], ['parent' => $bottled]),
            ],
            ['category/'.$inks, CatalogueProblem::StillUsed, new Change(Thing::Category, $inks, [], null)],
            ['option/'.$colour, CatalogueProblem::StillUsed, new Change(Thing::Option, $colour, [], null)],
            [
                'product/1/brand',
                CatalogueProblem::NamesGone,
                new Change(Thing::Product, 1, ['brand' => $this->fields(Thing::Product, 1)['brand']], [
                    'brand' => 4711,
                ]),
            ],
            [
                'product/1/pictures',
                CatalogueProblem::NamesGone,
                new Change(Thing::Product, 1, ['pictures' => $this->fields(Thing::Product, 1)['pictures']], [
                    'pictures' => [4711],
                ]),
            ],
            [
                'product/1/mainCategory',
                CatalogueProblem::MainNotFiled,
                new Change(Thing::Product, 1, ['categories' => $this->fields(Thing::Product, 1)['categories']], [
                    'categories' => [],
                ]),
            ],
            [
                'product/1/slug',
                CatalogueProblem::AddressNameTaken,
                new Change(Thing::Product, 1, ['slug' => $this->fields(Thing::Product, 1)['slug']], ['slug' => $this
                    ->fields(Thing::Product, 2)['slug']]),
            ],
            [
                "variant/$one/sku",
                CatalogueProblem::SkuTaken,
                new Change(Thing::Variant, $one, ['sku' => $fields($one)['sku']], ['sku' => $fields($two)['sku']]),
            ],
            [
                "variant/$two/values",
                CatalogueProblem::VariantTwice,
                new Change(Thing::Variant, $two, ['values' => $fields($two)['values']], [
                    'values' => $fields($one)['values'],
                ]),
            ],
            [
                "variant/$one/salePrice",
                CatalogueProblem::SaleNotBelow,
                new Change(Thing::Variant, $one, ['salePrice' => $fields($one)['salePrice']], [
                    'salePrice' => $fields($one)['price'],
                ]),
            ],
            [
                'tag/-1/name',
                CatalogueProblem::NameTaken,
                new Change(Thing::Tag, -1, null, ['name' => 'GIFT', 'slug' => 'gifts'] + $this->empty(Thing::Tag)),
            ],
        ];
    }

    public function test_what_does_not_fit_is_refused_by_field_and_nothing_is_saved(): void
    {
        foreach ($this->bad() as [$path, $code, $change]) {
            $before = $this->everything();
            $refused = $this->saving()->save(new Entry([$change]), $this->owner);

            self::assertInstanceOf(Refusal::class, $refused, $code->value);
            self::assertContains(
                [$code, $path],
                array_map(static fn (Problem $problem): array => [$problem->code, $problem->path], $refused->problems),
                $code->value,
            );
            self::assertSame($before, $this->everything());
        }
    }

    public function test_collections_by_rule_that_hold_each_other_are_refused(): void
    {
        $rule = static fn (int $collection): array => [
            'format' => 2,
            'show' => [[['field' => 'collection', 'comparison' => 'isIn', 'values' => [$collection]]]],
            'keepOff' => [],
        ];
        $two = DB::table('collections')->whereNull('rule')->limit(2)->pluck('id')->all();
        [$one, $other] = [(int) $two[0], (int) $two[1]];
        $this->save(new Change(Thing::Collection, $one, ['rule' => null], ['rule' => $rule($other)]));
        $refused = $this->saving()->save(
            new Entry([new Change(Thing::Collection, $other, ['rule' => null], ['rule' => $rule($one)])]),
            $this->owner,
        );

        self::assertInstanceOf(Refusal::class, $refused);
        self::assertSame(CatalogueProblem::Circle, $refused->problems[0]->code);
    }

    private function pin(): void
    {
        $template = (int) DB::table('fallbacks')->where('page_kind', 'product')->value('template_id');
        foreach (DB::table('products')->pluck('id') as $id) {
            DB::table('pins')->insert(['page_kind' => 'product', 'subject_id' => $id, 'template_id' => $template]);
        }
    }

    private function saving(): Saving
    {
        $this->anew();

        return $this->app->make(Saving::class);
    }

    private function save(Change ...$changes): Saved
    {
        $saved = $this->saving()->save(new Entry(array_values($changes)), $this->owner);
        self::assertInstanceOf(
            Saved::class,
            $saved,
            $saved instanceof Refusal
                ? (string) json_encode([
                    array_map(
                        static fn (Problem $problem): array => [$problem->code->value, $problem->path],
                        $saved->problems,
                    ),
                    $saved->crossings,
                ])
                : '',
        );

        return $saved;
    }

    /** @return array<string, mixed> */
    private function fields(Thing $thing, int $id): array
    {
        return $this->app->make(StoredThings::class)->read($thing, [$id])[$id] ?? [];
    }

    /** @return array<string, mixed> */
    private function empty(Thing $thing): array
    {
        return array_map(static fn ($field): mixed => $field->empty(), ThingFields::of($thing));
    }

    /**
     * @param  list<int>  $ids
     * @return list<int>
     */
    private static function sorted(array $ids): array
    {
        sort($ids);

        return $ids;
    }

    /** @return array<string, list<string>> every row of every table */
    private function everything(): array
    {
        $all = [];
        foreach (DB::select(
            "select name from sqlite_master where type = 'table' and name not like 'product_words%' and name <> "
                ."'product_vocabulary' and name not like 'sqlite_%' order by name",
        ) as $table) {
            if (! in_array($table->name, self::BESIDE, true)) {
                $all[$table->name] = array_map(
                    static fn (object $row): string => (string) json_encode($row),
                    DB::select("select * from $table->name order by 1, 2"),
                );
                sort($all[$table->name]);
            }
        }
        $all['found by'] = array_map(
            static fn (object $row): string => (string) json_encode($row),
            DB::select('select rowid, * from product_words order by rowid'),
        );

        return $all;
    }
}
