<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\InAndOut\Linked;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Work\InAndOut\Folder\Outcome;
use Vestibra\App\Work\InAndOut\Linked\LinkedIn;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Tests\App\TestCase;

/**
 * Products as schema.org JSON-LD. Names of types and properties are those of schema.org: Product, ProductGroup, Offer,
 * PropertyValue.
 */
final class LinkedTest extends TestCase
{
    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = (string) tempnam(sys_get_temp_dir(), 'vestibra');
    }

    protected function tearDown(): void
    {
        @unlink($this->file);
        parent::tearDown();
    }

    public function test_what_is_written_says_what_customers_see_and_read_back_it_changes_nothing(): void
    {
        $kernel = $this->app->make(Kernel::class);
        self::assertSame(0, $kernel->call("vestibra:catalogue export $this->file --linked"));
        $document = json_decode((string) file_get_contents($this->file), true);
        self::assertIsArray($document);
        $nodes = array_column($document['@graph'], null, 'name');
        self::assertSame('https://schema.org', $document['@context']);
        self::assertCount(DB::table('products')->where('published', 1)->count(), $nodes);
        $ink = $nodes['Teal Tide bottled ink'];
        self::assertSame(['ProductGroup', 'teal-tide-bottled-ink', ['Bottle'], 'Inks > Bottled inks', 'Ostrelve'], [
            $ink['@type'], $ink['productGroupID'], $ink['variesBy'], $ink['category'], $ink['brand']['name'],
        ]);
        self::assertSame(
            [$ink['@id'], '/p/teal-tide-bottled-ink'],
            [$ink['url'], parse_url($ink['url'], PHP_URL_PATH)],
        );
        self::assertSame(['30 ml', '9.50', 'GBP', 'https://schema.org/InStock'], [
            $ink['hasVariant'][0]['additionalProperty'][0]['value'],
            $ink['hasVariant'][0]['offers']['price'],
            $ink['hasVariant'][0]['offers']['priceCurrency'],
            $ink['hasVariant'][0]['offers']['availability'],
        ]);
        self::assertSame('https://schema.org/OutOfStock', $ink['hasVariant'][2]['offers']['availability']);
        $struck = array_filter($nodes, static fn (array $node): bool => isset($node['offers']['priceSpecification'])
            || isset($node['hasVariant'][0]['offers']['priceSpecification']));
        self::assertNotSame([], $struck);

        $read = $this->read();
        self::assertSame([['made' => 0, 'changed' => 0, 'deleted' => 0], []], [$read->counts, $read->files]);
    }

    public function test_products_that_somebody_else_describes_are_made_with_what_they_name(): void
    {
        $this->lay([
            '@context' => ['@vocab' => 'http://schema.org/'],
            '@graph' => [
                [
                    '@type' => 'http://schema.org/ProductGroup',
                    'url' => 'https://elsewhere.example/shop/Dusk%20Ink?x=1', 'name' => 'Dusk <b>ink</b>',
                    'description' => "Blue & grey.\n<script>alert(1)</script>", 'brand' => 'Quillmoor',
                    'category' => 'Inks > Evening inks', 'keywords' => 'everyday, dusk',
                    'image' => 'https://elsewhere.example/dusk.jpg',
                    'additionalProperty' => [
                        ['name' => 'Drying time', 'value' => 9],
                        ['name' => 'Shoe size', 'value' => '44'],
                    ],
                    'hasVariant' => [
                        [
                            '@type' => 'Product',
                            'sku' => 'DUSK-1',
                            'gtin13' => '2000000027005',
                            'additionalProperty' => [['name' => 'Hour', 'value' => 'Early']],
                            'offers' => ['price' => 9.5, 'priceCurrency' => 'GBP', 'availability' => 'OutOfStock'],
                        ],
                        [
                            '@type' => 'Product',
                            'sku' => 'DUSK-2',
                            'additionalProperty' => [['name' => 'Hour', 'value' => 'Late']],
                            'offers' => [[
                                'price' => '8.00',
                                'priceSpecification' => [
                                    'priceType' => 'https://schema.org/StrikethroughPrice',
                                    'price' => '10.00',
                                ],
                                'inventoryLevel' => ['value' => 4],
                            ]],
                        ],
                    ],
                ],
                [
                    '@type' => 'Product', 'name' => 'Teal Tide bottled ink', 'sku' => 'LF-0001-01',
                    'offers' => ['price' => '9.90'],
                ],
                ['@type' => 'Person', 'name' => 'Nobody'],
            ],
        ]);
        DB::table('variants')->where('barcode', '2000000027005')->update(['barcode' => '']);

        $this->read();

        $product = DB::table('products')->where('title', 'Dusk <b>ink</b>')->first();
        self::assertNotNull($product);
        self::assertSame(
            ['dusk-ink', '<p>Blue &amp; grey.</p><p>&lt;script&gt;alert(1)&lt;/script&gt;</p>'],
            [$product->slug, $product->description],
        );
        self::assertSame(
            'Inks',
            DB::table('categories as c')->join('categories as p', 'p.id', '=', 'c.parent_id')
                ->where('c.id', $product->main_category_id)
                ->where('c.name', 'Evening inks')
                ->value('p.name'),
        );
        self::assertSame(
            ['dusk', 'everyday'],
            DB::table('product_tag')->join('tags', 'tags.id', '=', 'tag_id')
                ->where('product_id', $product->id)
                ->orderBy('name')
                ->pluck('name')
                ->all(),
        );
        self::assertSame(
            [['DUSK-1', 950, null, 0], ['DUSK-2', 1000, 800, 4]],
            array_map(
                static fn (object $row): array => [$row->sku, $row->price, $row->sale_price, $row->stock],
                DB::table('variants')->where('product_id', $product->id)->orderBy('position')->get()->all(),
            ),
        );
        self::assertSame(['9'], DB::table('fact_values')->where('product_id', $product->id)->pluck('written')->all());
        self::assertSame(990, DB::table('variants')->where('sku', 'LF-0001-01')->value('price'));
        self::assertSame(
            3,
            DB::table('variants')->where('product_id', $this->id('products', 'Teal Tide bottled ink'))->count(),
        );
        $this->get('/p/dusk-ink')->assertOk()->assertDontSee('<script>alert', false);
        $this->read();
        self::assertSame(
            1,
            DB::table('products')->where('title', 'Dusk <b>ink</b>')->count(),
            'Read again it is the same product.',
        );
    }

    public function test_what_is_none_or_in_another_currency_is_said_and_nothing_is_read(): void
    {
        $before = DB::table('catalogue_entries')->count();
        foreach ([
            ['{}', FileFormatProblem::NotALinkedDocument],
            ['[1, {"@type": "Person"}]', FileFormatProblem::NotALinkedDocument],
            ['not json', FileFormatProblem::NotALinkedDocument],
            [
                '{"@type": "Product", "name": "X", "sku": "X", "offers": {"price": "1", "priceCurrency": "EUR"}}',
                FileFormatProblem::AnotherCurrency,
            ],
        ] as [$text, $code]) {
            file_put_contents($this->file, $text);
            $done = $this->app->make(LinkedIn::class)->read($this->file, $this->owner, false);
            self::assertIsArray($done);
            self::assertSame($code, $done[0]->problem->code, $text);
        }
        file_put_contents($this->file, '{"@type": "Product", "name": "X", "sku": "X", "offers": {"price": "-1"}}');
        self::assertIsArray($this->app->make(LinkedIn::class)->read($this->file, $this->owner, false));
        self::assertSame($before, DB::table('catalogue_entries')->count());
        self::assertSame(1, $this->app->make(Kernel::class)->call("vestibra:catalogue import $this->file --linked"));
    }

    private function read(): Outcome
    {
        $this->anew();
        $done = $this->app->make(LinkedIn::class)->read($this->file, $this->owner, false);
        self::assertInstanceOf(
            Outcome::class,
            $done,
            is_array($done)
                ? $done[0]->file.' '.$done[0]->problem->path.' '.$done[0]->problem->code->value.json_encode(
                    $done[0]->problem->values,
                )
                : '',
        );
        $this->anew();

        return $done;
    }

    /** @param  array<string, mixed>  $document */
    private function lay(array $document): void
    {
        file_put_contents($this->file, json_encode($document, JSON_THROW_ON_ERROR));
    }
}
