<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\InAndOut\Folder;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Ground\DataFolder;
use Vestibra\App\Ground\Problems\PictureProblem;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\InAndOut\Folder\FolderReader;
use Vestibra\App\Work\InAndOut\Folder\FolderWriter;
use Vestibra\App\Work\InAndOut\Folder\Outcome;
use Vestibra\App\Work\Saving\Saved;
use Vestibra\App\Work\Saving\Saving;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\Shop\Schemas;
use Vestibra\Core\Problem;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Outside;

/** The shop as a folder of files. */
final class FolderTest extends TestCase
{
    private const BESIDE = [
        'catalogue_entries', 'catalogue_entry_things', 'sqlite_sequence', 'live_rules', 'filter_packs', 'filter_bits',
        'filter_stale', 'filter_words', 'kept_verdicts', 'kept_templates', 'kept_state', 'stale_verdicts',
        'selections', 'selected_pages', 'kept_filters', 'row_headers', 'kept_orders', 'kept_orders_state',
        'stale_orders', 'kept_counts', 'searched',
        'shop_settings', 'stored_files', 'jobs',
    ];

    private const PRODUCT = 'products/teal-tide-bottled-ink.json';

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/vestibra-shop-'.getmypid().'-'.bin2hex(random_bytes(3));
        $picture = imagecreatetruecolor(8, 8);
        foreach (DB::table('pictures')->distinct()->pluck('file') as $file) {
            $path = config()->string('vestibra.pictures')."/$file-800.webp";
            is_file($path) || imagewebp($picture, $path);
        }
        $this->write();
    }

    protected function tearDown(): void
    {
        DataFolder::remove($this->folder);
        parent::tearDown();
    }

    public function test_written_again_nothing_is_different_and_read_back_nothing_changes(): void
    {
        $before = $this->everything();

        self::assertSame(0, $this->write()['written']);
        self::assertSame(['made' => 0, 'changed' => 0, 'deleted' => 0], $this->read()->counts);
        self::assertSame(
            ['made' => 0, 'changed' => 0, 'deleted' => 0],
            $this->read(whole: true, over: true, dry: true)->counts,
        );
        self::assertSame($before, $this->everything());
    }

    public function test_every_file_is_as_its_schema_says_to_opis_and_to_ajv(): void
    {
        $validator = new Validator;
        $schemas = array_map(
            static fn (array $schema): mixed => json_decode(json_encode($schema, JSON_THROW_ON_ERROR)),
            Schemas::all(),
        );
        $cases = [];
        foreach ($this->paths() as $path) {
            $document = json_decode((string) file_get_contents("$this->folder/$path"));
            self::assertIsObject($document);
            $kind = is_string($document->vestibra ?? null) ? $document->vestibra : '';
            $schema = $schemas[$kind] ?? null;
            self::assertIsObject($schema);
            self::assertTrue($validator->validate($document, $schema)->isValid(), $path);
            $cases[] = [$kind, $document];
        }

        self::assertGreaterThan(300, count($cases));
        self::assertSame(
            [array_fill(0, count($cases), true)],
            Outside::ask('ajv.mjs', [['schemas' => Schemas::all(), 'cases' => $cases]]),
        );
    }

    public function test_a_change_in_one_file_is_exactly_that_change_said_before_and_taken_back_as_one(): void
    {
        $before = $this->everything();
        $this->alter(self::PRODUCT, static function (array $product): array {
            $product['variants'][0]['price'] = '13.00';

            return $product;
        });
        $variant = (int) DB::table('variants')->where('product_id', $this->id('products', 'Teal Tide bottled ink'))
            ->orderBy('position')
            ->value('id');

        $dry = $this->read(dry: true);
        self::assertSame($before, $this->everything());
        $done = $this->read();
        self::assertSame(
            [['made' => 0, 'changed' => 1, 'deleted' => 0], [
                ['what' => ['price'], 'file' => self::PRODUCT, 'did' => 'changed'],
            ]],
            [$done->counts, $done->files],
        );
        self::assertSame([$done->counts, $done->files, $done->moves], [$dry->counts, $dry->files, $dry->moves]);
        self::assertSame(1300, DB::table('variants')->where('id', $variant)->value('price'));
        $after = $this->everything();
        // What lists are put in order by follows from the variants.
        $told = static fn (array $shop): array => ['products' => array_map(
            static fn (array $row): array => array_diff_key($row, ['price_low' => true]),
            $shop['products'],
        )]
            + $shop;
        self::assertSame(
            ['variants'],
            array_keys(array_filter(
                $told($after),
                static fn (array $rows, string $table): bool => $rows !== $told($before)[$table],
                ARRAY_FILTER_USE_BOTH,
            )),
        );
        self::assertSame(
            'Read in from a folder: 1 thing changed ('.self::PRODUCT.')',
            DB::table('catalogue_entries')->where('id', $done->entry)->value('words'),
        );

        self::assertInstanceOf(Saved::class, $this->app->make(Saving::class)->takeBack($done->entry, $this->owner));
        self::assertSame($before, $this->everything());
    }

    public function test_new_things_may_name_each_other(): void
    {
        $this->lay('brands/quillmoor.json', [
            'vestibra' => 'brand', 'format' => 1, 'name' => 'Quillmoor', 'slug' => 'quillmoor',
        ]);
        $this->lay('tags/dusky.json', ['vestibra' => 'tag', 'format' => 1, 'name' => 'Dusky', 'slug' => 'dusky']);
        $this->lay('categories/dusk-inks.json', [
            'vestibra' => 'category', 'format' => 1, 'name' => 'Dusk inks', 'slug' => 'dusk-inks',
            'parent' => 'evening-inks', 'position' => 0,
        ]);
        $this->lay('categories/evening-inks.json', [
            'vestibra' => 'category', 'format' => 1, 'name' => 'Evening inks', 'slug' => 'evening-inks',
            'parent' => 'inks', 'position' => 9,
        ]);
        copy(glob("$this->folder/pictures/*.webp")[0] ?? '', "$this->folder/pictures/dusk-bottle.webp");
        $this->lay('pictures/dusk-bottle.json', [
            'vestibra' => 'picture', 'format' => 1, 'file' => 'dusk-bottle.webp', 'words' => 'A bottle at dusk',
            'focus' => [1, 3],
        ]);
        $this->alter('options.json', static function (array $file): array {
            $file['options'][] = [
                'name' => 'Hour',
                'values' => [['label' => 'Early'], ['label' => 'Late', 'swatch' => '#102030']],
            ];

            return $file;
        });
        $this->alter('facts.json', static function (array $file): array {
            $file['facts'][] = ['name' => 'Sits beside', 'kind' => 'products'];
            $file['facts'][] = ['name' => 'Dries in', 'kind' => 'number', 'unit' => 's', 'decimals' => 1];

            return $file;
        });
        $this->lay('products/dusk-ink.json', [
            'vestibra' => 'product', 'format' => 1, 'title' => 'Dusk ink', 'slug' => 'dusk-ink',
            'description' => '<p>Blue.</p><script>alert(1)</script>',
            'brand' => 'quillmoor', 'mainCategory' => 'dusk-inks', 'categories' => ['inks', 'dusk-inks'],
            'tags' => ['dusky'], 'pictures' => ['dusk-bottle'], 'earlierAddressNames' => ['evening-ink'],
            'facts' => ['Sits beside' => ['zz-dusk-pen', 'teal-tide-bottled-ink'], 'Dries in' => ['4.5']],
            'variants' => [
                ['sku' => 'DUSK-L', 'values' => ['Hour' => 'Late'], 'price' => '9.50'],
                ['sku' => 'DUSK-E', 'values' => ['Hour' => 'Early'], 'price' => '1.234,56 £'],
            ],
        ]);
        $this->lay('products/zz-dusk-pen.json', [
            'vestibra' => 'product',
            'format' => 1,
            'title' => 'Dusk pen',
            'slug' => 'zz-dusk-pen',
            'published' => false,
            'variants' => [['sku' => 'DUSK-P', 'price' => '30.00']],
        ]);
        $this->lay('collections/a-dusk.json', [
            'vestibra' => 'collection',
            'format' => 1,
            'name' => 'Dusk',
            'slug' => 'a-dusk',
            'rule' => self::rule('collection', 'isIn', ['by-tag-dusky']),
        ]);
        $this->lay('collections/by-tag-dusky.json', [
            'vestibra' => 'collection',
            'format' => 1,
            'name' => 'By tag',
            'slug' => 'by-tag-dusky',
            'rule' => self::rule('tag', 'hasAnyOf', ['dusky']),
        ]);
        $before = $this->everything();

        $done = $this->read();

        $this->get('/p/dusk-ink')->assertOk()->assertSee('Dusk ink')->assertSee('A bottle at dusk');
        $this->get('/p/evening-ink')->assertRedirect('/p/dusk-ink');
        $product = DB::table('products')->where('slug', 'dusk-ink')->first();
        self::assertSame('<p>Blue.</p>', $product?->description);
        self::assertSame(
            [[950, 'Late'], [123_456, 'Early']],
            array_map(
                static fn (object $row): array => array_values((array) $row),
                DB::select(
                    'select v.price, o.label from variants v join variant_values x on x.variant_id = v.id join '
                        .'option_values o on o.id = x.option_value_id where v.product_id = ? order by v.position',
                    [$product->id],
                ),
            ),
        );
        self::assertSame(
            ['zz-dusk-pen', 'teal-tide-bottled-ink'],
            array_column(
                DB::select(
                    'select p.slug from fact_values v join facts f on f.id = v.fact_id join products p on p.id = '
                        ."v.number where f.name = 'Sits beside' order by v.position",
                ),
                'slug',
            ),
        );
        self::assertSame('Dusk inks', DB::table('categories')->where('id', $product->main_category_id)->value('name'));
        self::assertSame(0, $this->write(over: true)['removed']);
        self::assertSame([], array_diff($this->paths(), array_keys($this->sums())));
        self::assertSame(
            ['made' => 0, 'changed' => 0, 'deleted' => 0],
            $this->read(whole: true, over: true, dry: true)->counts,
        );

        $parts = DB::table('catalogue_entries')->where('id', $done->entry)
            ->orWhere('part_of_id', $done->entry)
            ->count();
        self::assertGreaterThan(2, $parts);
        $this->actingAs($this->owner)->getJson('/studio/catalogue/entries')
            ->assertJsonPath('total', 1)
            ->assertJsonPath('entries.0.id', $done->entry);
        self::assertInstanceOf(Saved::class, $this->app->make(Saving::class)->takeBack($done->entry, $this->owner));
        $left = array_keys(array_filter(
            $this->everything(),
            static fn (array $rows, string $table): bool => $rows !== $before[$table],
            ARRAY_FILTER_USE_BOTH,
        ));
        self::assertSame(
            ['pictures', 'facts', 'old_address_names'],
            array_values(array_intersect(
                [
                    'pictures', 'facts', 'products', 'variants', 'categories', 'brands', 'tags', 'options',
                    'option_values', 'collections', 'old_address_names', 'fact_values',
                ],
                $left,
            )),
        );
        $this->getJson('/studio/catalogue/entries')
            ->assertJsonPath('total', 2)
            ->assertJsonPath('entries.1.takenBack', true);
    }

    public function test_an_empty_shop_becomes_the_shop_that_was_written_to_the_byte(): void
    {
        $sums = $this->sums();
        $products = DB::table('products')->count();
        foreach ([
            'catalogue_entries', 'collection_product', 'category_product', 'product_tag', 'product_pictures',
            'variant_values', 'fact_values', 'title_words', 'product_words', 'reviews', 'variants', 'products',
            'collections', 'pictures', 'files', 'brands', 'tags', 'facts', 'option_values', 'options',
            'old_address_names', 'pins', 'shop_settings',
        ] as $table) {
            DB::table($table)->delete();
        }
        DB::statement('update categories set parent_id = null');
        DB::table('categories')->delete();
        DB::table('stored_files')->where('folder', 'files')->delete();
        array_map(unlink(...), glob(config()->string('vestibra.files').'/*') ?: []);

        $done = $this->read();

        self::assertSame(
            [0, 0, $products],
            [$done->counts['changed'], $done->counts['deleted'], DB::table('products')->count()],
        );
        self::assertSame(0, $this->write()['written']);
        self::assertSame($sums, $this->sums());
        $this->get('/p/teal-tide-bottled-ink')->assertOk();
    }

    public function test_what_changed_in_the_shop_meanwhile_stays_and_where_both_changed_nothing_is_read(): void
    {
        $other = DB::table('variants')->join('products', 'products.id', '=', 'product_id')
            ->where('slug', '<>', 'teal-tide-bottled-ink')
            ->first(['variants.id', 'slug', 'stock']);
        self::assertNotNull($other);
        DB::table('variants')->where('id', $other->id)->update(['stock' => 3]);
        $this->alter(self::PRODUCT, static fn (array $product): array => ['title' => 'Teal Tide ink'] + $product);
        self::assertSame(1, $this->read()->counts['changed']);
        self::assertSame(3, DB::table('variants')->where('id', $other->id)->value('stock'));

        $this->write(over: true);
        DB::table('variants')->where('id', $other->id)->update(['stock' => 7]);
        $this->alter("products/$other->slug.json", static fn (array $product): array => ['title' => 'Another title']
            + $product);
        $this->alter(self::PRODUCT, static fn (array $product): array => ['title' => 'Teal Tide bottled ink']
            + $product);
        self::assertSame([["products/$other->slug.json", FileFormatProblem::BothChanged]], $this->refused());
        self::assertSame(
            'Teal Tide ink',
            DB::table('products')->where('slug', 'teal-tide-bottled-ink')->value('title'),
        );
        self::assertSame(
            'Another title',
            $this->read(over: true)->entry > 0
                ? DB::table('products')->where('slug', $other->slug)->value('title')
                : '',
        );
    }

    public function test_what_has_no_file_stays_unless_it_is_to_be_deleted(): void
    {
        unlink("$this->folder/tags/gift.json");
        unlink("$this->folder/".self::PRODUCT);
        self::assertSame([2, 0], [$this->read()->staying, $this->read()->counts['deleted']]);
        self::assertTrue(DB::table('products')->where('slug', 'teal-tide-bottled-ink')->exists());

        $before = $this->everything();
        $done = $this->read(delete: true);
        self::assertSame([0, 2], [$done->staying, $done->counts['deleted']]);
        self::assertFalse(DB::table('products')->where('slug', 'teal-tide-bottled-ink')->exists());
        $this->app->make(Saving::class)->takeBack($done->entry, $this->owner);
        self::assertSame($before, $this->everything());
    }

    public function test_what_is_renamed_stays_the_same_thing(): void
    {
        $id = $this->id('products', 'Teal Tide bottled ink');
        $variants = DB::table('variants')->where('product_id', $id)->orderBy('position')->pluck('id')->all();
        $this->alter('brands/pellinray.json', static fn (array $brand): array =>
            ['slug' => 'pellinray-and-daughter', 'name' => 'Pellinray & Daughter']
            + $brand);
        $value = DB::table('option_values')
            ->join('options', 'options.id', '=', 'option_id')
            ->first(['option_values.id', 'label', 'name']);
        self::assertNotNull($value);
        $this->alter('options.json', static function (array $file) use ($value): array {
            foreach ($file['options'] as $at => $option) {
                foreach ($option['values'] as $index => $one) {
                    if ($option['name'] === $value->name && $one['label'] === $value->label) {
                        $file['options'][$at]['values'][$index] = ['label' => 'Renamed', 'was' => $value->label] + $one;
                    }
                }
            }

            return $file;
        });
        $this->alter(self::PRODUCT, static function (array $product): array {
            $product['slug'] = 'teal-tide';
            $product['variants'] = array_reverse($product['variants']);
            $product['variants'][0] = ['sku' => 'RENAMED-1', 'was' => $product['variants'][0]['sku']]
                + $product['variants'][0];

            return $product;
        });

        $this->read();

        self::assertSame($id, (int) DB::table('products')->where('slug', 'teal-tide')->value('id'));
        self::assertSame(
            array_reverse($variants),
            DB::table('variants')->where('product_id', $id)->orderBy('position')->pluck('id')->all(),
        );
        self::assertSame('Renamed', DB::table('option_values')->where('id', $value->id)->value('label'));
        $this->get('/p/teal-tide-bottled-ink')->assertRedirect('/p/teal-tide');
        $this->get('/brand/pellinray')->assertRedirect('/brand/pellinray-and-daughter');
    }

    public function test_a_variant_that_is_taken_out_of_its_file_goes(): void
    {
        $this->alter(
            self::PRODUCT,
            static fn (array $product): array => ['variants' => array_slice($product['variants'], 1)] + $product,
        );
        $id = $this->id('products', 'Teal Tide bottled ink');
        $before = DB::table('variants')->where('product_id', $id)->count();

        self::assertSame(1, $this->read()->counts['deleted']);
        self::assertSame($before - 1, DB::table('variants')->where('product_id', $id)->count());
    }

    /** @param  array<string, mixed>  $put */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_said_by_file_and_place_and_nothing_is_read(
        string $file,
        array $put,
        string $path,
        string $words,
    ): void {
        $before = $this->everything();
        $this->alter($file, static fn (array $given): array => array_replace_recursive($given, $put));
        $this->alter('tags/gift.json', static fn (array $tag): array => ['description' => 'For somebody.'] + $tag);

        $done = $this->reader()->read($this->folder, $this->owner);
        self::assertIsArray($done);
        self::assertSame(
            [[$file, $path]],
            array_map(static fn (object $one): array => [$one->file, $one->problem->path], $done),
        );
        self::assertStringContainsString($words, ProblemWords::of($done[0]->problem));
        self::assertSame($before, $this->everything());
    }

    /** @return iterable<string, array{string, array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        yield 'a newer version' => [self::PRODUCT, ['format' => 2], 'format', 'a newer Vestibra may read it'];
        yield 'another thing' => [self::PRODUCT, ['vestibra' => 'tag'], 'vestibra', '"vestibra": "product"'];
        yield 'a slip of the pen' => [self::PRODUCT, ['brandt' => 'x'], 'brandt', '“brandt” does not belong here'];
        yield 'a slip of the pen in a variant' => [
            self::PRODUCT, ['variants' => [['prize' => '1']]], 'variants/0', '“prize” does not belong here',
        ];
        yield 'a brand that nobody has' => [
            self::PRODUCT,
            ['brand' => 'nobody'],
            'brand',
            'the brand “nobody”, which neither the folder nor the shop has',
        ];
        yield 'a value that nobody has' => [
            self::PRODUCT,
            ['variants' => [['values' => ['Bottle' => '7 ml']]]],
            'variants/0/values',
            '“Bottle: 7 ml”',
        ];
        yield 'a price in doubt' => [
            self::PRODUCT, ['variants' => [['price' => '1.234']]], 'variants/0/price', 'can be read as 1234 or as 1.23',
        ];
        yield 'a price below nothing' => [
            self::PRODUCT, ['variants' => [['price' => '-1']]], 'variants/0/price', 'below nothing',
        ];
        yield 'stock below nothing' => [
            self::PRODUCT, ['variants' => [['stock' => -3]]], 'variants/0/stock', 'whole number',
        ];
        yield 'a bar code that fails its check' =>
            [self::PRODUCT, ['variants' => [['barcode' => '2000000027006']]], 'variants/0/barcode', 'should be'];
        yield 'a sale above the price' => [
            self::PRODUCT, ['variants' => [['salePrice' => '999.00']]], 'salePrice', 'below the price',
        ];
        yield 'an address name that is taken' => [
            self::PRODUCT, ['slug' => 'amber-post-bottled-ink'], 'slug', 'belongs to “Amber Post bottled ink”',
        ];
        yield 'a fact that nobody has defined' => [
            self::PRODUCT, ['facts' => ['Shoe size' => ['44']]], 'facts/Shoe size', 'the fact “Shoe size”',
        ];
        yield 'a number that is none' => [
            self::PRODUCT, ['facts' => ['Drying time' => ['soon']]], 'facts/Drying time', 'takes a number',
        ];
        yield 'an earlier address name by hand' => [
            self::PRODUCT, ['earlierAddressNames' => ['was-here']], 'earlierAddressNames', 'kept by the shop',
        ];
        yield 'a circle of categories' => ['categories/inks.json', ['parent' => 'bottled-inks'], 'parent', 'circle'];
        yield 'another kind of fact' => [
            'facts.json', ['facts' => [['kind' => 'date']]], 'facts/0', 'cannot be changed',
        ];
        yield 'another currency' => [
            'shop.json', ['currency' => 'JPY'], 'currency', 'in JPY, those of the shop in GBP',
        ];
        yield 'another order of variants than there are' => [
            self::PRODUCT, ['variants' => 'none'], 'variants', '“variants” does not belong here',
        ];
    }

    public function test_a_file_that_is_no_json_or_has_no_address_name_is_said(): void
    {
        file_put_contents("$this->folder/products/Teal Ink.json", '{}');
        file_put_contents("$this->folder/brands/pellinray.json", '{"vestibra": "brand",}');
        file_put_contents("$this->folder/tags/gift.json", str_repeat(' ', 5_000_001));
        file_put_contents("$this->folder/pictures/lost.json", '{"vestibra": "picture", "format": 1}');
        file_put_contents("$this->folder/pictures/false.jpg", 'no picture');

        self::assertSame([
            ['brands/pellinray.json', FileFormatProblem::NotJson],
            ['pictures/false.jpg', PictureProblem::None],
            ['pictures/lost.json', FileFormatProblem::NoPicture],
            ['products/Teal Ink.json', FileFormatProblem::NotAName],
            ['tags/gift.json', FileFormatProblem::TooLarge],
        ], self::sorted($this->refused()));
    }

    /** @return iterable<string, array{string}> */
    public static function ways(): iterable
    {
        foreach ([
            'shop.json', 'options.json', 'contents.json', 'products/another.json', 'pictures/secret.png',
            'pictures/secret.json', 'files/secret.txt', 'files/secret.txt.json', 'files/Not A Name', 'products',
            'files',
        ] as $path) {
            yield $path => [$path];
        }
    }

    #[DataProvider('ways')]
    public function test_what_only_leads_to_another_place_is_not_read(string $path): void
    {
        $outside = "$this->folder-outside";
        mkdir($outside);
        file_put_contents("$outside/secret", 'a secret of the machine');
        $stood = "$this->folder/$path";
        $isFolder = is_dir($stood) || $path === 'files';
        is_dir(dirname($stood)) || mkdir(dirname($stood));
        if (file_exists($stood)) {
            rename($stood, "$outside/moved");
        } elseif ($isFolder) {
            mkdir("$outside/moved");
        } else {
            symlink('secret', "$outside/moved");
        }
        symlink("$outside/moved", $stood);
        try {
            $before = $this->everything();
            self::assertContains(
                $path === 'shop.json' ? [$path, FileFormatProblem::Unreadable] : [$path, FileFormatProblem::Linked],
                $this->refused(),
            );
            self::assertSame($before, $this->everything());
            self::assertSame(0, DB::table('files')->where('name', 'like', '%ecret%')->count());
        } finally {
            unlink($stood);
            DataFolder::remove($outside);
        }
    }

    public function test_a_price_that_leaps_tenfold_is_said_before_it_is_read(): void
    {
        $price = '';
        $this->alter(self::PRODUCT, static function (array $product) use (&$price): array {
            $price = (string) $product['variants'][0]['price'];
            $product['variants'][0]['price'] = bcmul($price, '10', 2);

            return $product;
        });
        $problems = $this->reader()->read($this->folder, $this->owner);
        self::assertIsArray($problems);
        self::assertSame(
            [
                "The price leaps from $price to ".bcmul($price, '10', 2).', tenfold or more. Nothing was read in; '
                    .'look for a slip of the pen, or say --leaps if it is meant.',
            ],
            array_map(static fn (object $one): string => ProblemWords::of($one->problem), $problems),
        );
        self::assertInstanceOf(Outcome::class, $this->reader()->read($this->folder, $this->owner, leaping: true));
    }

    public function test_no_path_leads_out_of_the_folder(): void
    {
        $victim = "$this->folder-victim.json";
        file_put_contents($victim, 'mine');
        $contents = json_decode((string) file_get_contents("$this->folder/contents.json"), true);
        self::assertIsArray($contents);
        $contents['files'] =
            [...$contents['files'], '../'.basename($victim) => hash('sha256', 'mine'), '/etc/hostname.txt' => ''];
        file_put_contents("$this->folder/contents.json", json_encode($contents));

        $this->write(over: true);
        self::assertFileExists($victim);
        unlink($victim);
    }

    public function test_a_folder_of_somebody_elses_is_not_written_over_nor_one_with_changes_that_were_not_read(): void
    {
        $writer = $this->app->make(FolderWriter::class);
        $other = "$this->folder-other";
        mkdir($other);
        file_put_contents("$other/letter.txt", 'mine');
        self::assertSame(
            [FileFormatProblem::Occupied, ['letter.txt']],
            [self::code($writer->write($other, true)), array_values(array_diff(scandir($other) ?: [], ['.', '..']))],
        );
        self::assertSame(FileFormatProblem::NotAFolder, self::code($writer->write("$other/letter.txt/in", false)));

        $this->alter(self::PRODUCT, static fn (array $product): array => ['title' => 'By hand'] + $product);
        self::assertSame(FileFormatProblem::TouchedByHand, self::code($writer->write($this->folder, false)));
        self::assertStringContainsString('By hand', (string) file_get_contents("$this->folder/".self::PRODUCT));
        DataFolder::remove($other);
    }

    public function test_the_folder_of_another_shop_is_read_only_when_it_is_meant(): void
    {
        DB::table('shop_settings')->where('name', 'mark')->update(['value' => 'another']);
        $this->alter(self::PRODUCT, static fn (array $product): array => ['title' => 'Theirs'] + $product);

        self::assertSame([['shop.json', FileFormatProblem::AnotherShop]], $this->refused());
        self::assertSame(1, $this->read(over: true)->counts['changed']);
    }

    public function test_a_file_that_nobody_changed_does_not_bring_back_what_was_deleted_in_the_shop(): void
    {
        $product = $this->id('products', 'Teal Tide bottled ink');
        $this->app
            ->make(Saving::class)
            ->save(new Entry([new Change(Thing::Product, $product, [], null)]), $this->owner);
        self::assertSame(0, $this->read()->counts['made']);

        $this->alter(self::PRODUCT, static fn (array $file): array => ['title' => 'Back again'] + $file);
        self::assertSame([[self::PRODUCT, FileFormatProblem::BothChanged]], $this->refused());
    }

    public function test_the_command_says_what_it_did_and_its_outcome(): void
    {
        $kernel = $this->app->make(Kernel::class);
        $run = static fn (string $words): int => $kernel->call("vestibra:catalogue $words");

        self::assertSame(0, $run("check $this->folder"));
        self::assertStringContainsString('The folder is in order', $kernel->output());
        $this->alter(self::PRODUCT, static fn (array $product): array => ['title' => 'By hand'] + $product);
        self::assertSame(0, $run("import $this->folder --dry-run --json"));
        self::assertSame(
            ['entry', 'counts', 'files', 'moves', 'staying', 'ours'],
            array_keys((array) json_decode($kernel->output(), true)),
        );
        self::assertSame(
            'Teal Tide bottled ink',
            DB::table('products')->where('slug', 'teal-tide-bottled-ink')->value('title'),
        );
        self::assertSame(1, $run("export $this->folder"));
        self::assertSame(0, $run("import $this->folder"));
        self::assertStringContainsString('changed  '.self::PRODUCT.': title', $kernel->output());
        self::assertSame(0, $run("export $this->folder"));
        self::assertStringContainsString('none of them different from before', $kernel->output());
        file_put_contents("$this->folder/".self::PRODUCT, 'x');
        self::assertSame(1, $run("import $this->folder --json"));
        self::assertSame(
            [self::PRODUCT],
            array_column(((array) json_decode($kernel->output(), true))['problems'], 'file'),
        );
        self::assertSame(1, $run("check $this->folder"));
        self::assertSame([1, 2, 2], [$run('import /nowhere'), $run("burn $this->folder"), $run('export /')]);
    }

    /** @return array{files: int, written: int, removed: int} */
    private function write(bool $over = false): array
    {
        $done = $this->app->make(FolderWriter::class)->write($this->folder, $over);
        self::assertIsArray($done);

        return $done;
    }

    private function reader(): FolderReader
    {
        $this->app->forgetScopedInstances();

        return $this->app->make(FolderReader::class);
    }

    private function read(bool $over = false, bool $delete = false, bool $dry = false, bool $whole = false): Outcome
    {
        $done = $this->reader()->read($this->folder, $this->owner, $over, $delete, $dry, $whole);
        self::assertInstanceOf(
            Outcome::class,
            $done,
            is_array($done) ? $done[0]->file.': '.ProblemWords::of($done[0]->problem) : '',
        );

        return $done;
    }

    /**
     * @param  list<array{string, mixed}>  $list
     * @return list<array{string, mixed}>
     */
    private static function sorted(array $list): array
    {
        usort($list, static fn (array $one, array $other): int => strcmp(strtolower($one[0]), strtolower($other[0])));

        return $list;
    }

    /** @return list<array{string, mixed}> */
    private function refused(): array
    {
        $before = $this->everything();
        $done = $this->reader()->read($this->folder, $this->owner);
        self::assertIsArray($done);
        self::assertSame($before, $this->everything());

        return array_map(static fn (object $one): array => [$one->file, $one->problem->code], $done);
    }

    private static function code(mixed $problem): mixed
    {
        return $problem instanceof Problem ? $problem->code : null;
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $change */
    private function alter(string $path, callable $change): void
    {
        $file = json_decode((string) file_get_contents("$this->folder/$path"), true);
        self::assertIsArray($file);
        $this->lay($path, $change($file));
    }

    /** @param  array<array-key, mixed>  $file */
    private function lay(string $path, array $file): void
    {
        file_put_contents("$this->folder/$path", json_encode($file, JSON_THROW_ON_ERROR));
    }

    /**
     * @param  list<string>  $values
     * @return array<string, mixed>
     */
    private static function rule(string $field, string $comparison, array $values): array
    {
        return [
            'format' => 2,
            'show' => [[['field' => $field, 'comparison' => $comparison, 'values' => $values]]],
            'keepOff' => [],
            'season' => [],
            'goesFirst' => false,
        ];
    }

    /** @return list<string> all files of words */
    private function paths(): array
    {
        return array_values(array_map(
            fn (string $path): string => substr($path, strlen($this->folder) + 1),
            glob("$this->folder/{,*/}*.json", GLOB_BRACE) ?: [],
        ));
    }

    /** @return array<string, string> */
    private function sums(): array
    {
        $sums = [];
        foreach (glob("$this->folder/{,*/}*.*", GLOB_BRACE) ?: [] as $path) {
            $sums[substr($path, strlen($this->folder) + 1)] = (string) hash_file('sha256', $path);
        }

        return $sums;
    }

    /** @return array<string, list<mixed>> */
    private function everything(): array
    {
        $all = [];
        foreach (DB::select(
            "select name from sqlite_master where type = 'table' and name not like 'product_words%' and name <> "
                ."'product_vocabulary'",
        ) as $table) {
            if (! in_array($table->name, self::BESIDE, true)) {
                $rows = array_map(
                    static fn (object $row): array => (array) $row,
                    DB::select("select * from $table->name"),
                );
                sort($rows);
                $all[$table->name] = $rows;
            }
        }

        return $all;
    }
}
