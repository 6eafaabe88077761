<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Formats\Shop;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Formats\Shop\Schemas;
use Vestibra\Core\Formats\Shop\ShopFolder;
use Vestibra\Tests\Core\Outside;

/** JSON Schema 2020-12, held by opis/json-schema and by npm ajv. */
final class SchemasTest extends TestCase
{
    public function test_the_schemas_in_docs_are_those_of_the_table_of_fields(): void
    {
        $folder = dirname(__DIR__, 4).'/docs/formats';
        $all = Schemas::all();

        self::assertSame(
            array_map(static fn (string $name): string => "$name.schema.json", self::sorted(array_keys($all))),
            array_map(basename(...), glob("$folder/*.schema.json") ?: []),
        );
        foreach ($all as $name => $schema) {
            self::assertSame(
                ShopFolder::text($schema),
                file_get_contents("$folder/$name.schema.json"),
                "$name: php artisan vestibra:catalogue schemas docs/formats",
            );
        }
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('documents')]
    public function test_both_readers_say_the_same_about_a_file(string $kind, array $document, bool $good): void
    {
        $schema = json_decode(json_encode(Schemas::all()[$kind], JSON_THROW_ON_ERROR));
        self::assertIsObject($schema);
        $document = ShopFolder::headed($kind, $document);
        $object = json_decode(json_encode($document, JSON_THROW_ON_ERROR));

        self::assertSame($good, (new Validator)->validate($object, $schema)->isValid());
        self::assertSame(
            [[$good]],
            Outside::ask('ajv.mjs', [['schemas' => Schemas::all(), 'cases' => [[$kind, $object]]]]),
        );
    }

    /** @return iterable<string, array{string, array<string, mixed>, bool}> */
    public static function documents(): iterable
    {
        $variant = ['sku' => 'INK-1', 'price' => '9.50'];
        $product = ['title' => 'Ink', 'slug' => 'ink'];
        yield 'a product' => [
            'product',
            $product + [
                'variants' => [$variant + ['values' => ['Nib' => 'Fine'], 'saleUntil' => '2026-12-31', 'stock' => 3]],
                'facts' => ['Weight' => ['4']],
            ],
            true,
        ];
        yield 'a slip of the pen' => ['product', $product + ['brandt' => 'x'], false];
        yield 'no title' => ['product', ['slug' => 'ink'], false];
        yield 'an address name of signs' => ['product', ['slug' => 'A b'] + $product, false];
        yield 'a price as a number' => ['product', $product + ['variants' => [['price' => 9.5] + $variant]], false];
        yield 'a price below nothing' => ['product', $product + ['variants' => [['price' => '-1'] + $variant]], false];
        yield 'a variant without a stock number' =>
            ['product', $product + ['variants' => [['price' => '1.00']]], false];
        yield 'stock below nothing' => ['product', $product + ['variants' => [$variant + ['stock' => -3]]], false];
        yield 'a bar code that lost a zero' =>
            ['product', $product + ['variants' => [$variant + ['barcode' => '200000002700']]], false];
        yield 'a tag' => ['tag', ['name' => 'Gift', 'slug' => 'gift'], true];
        yield 'options' => [
            'options',
            ['options' => [['name' => 'Nib', 'values' => [['label' => 'Fine', 'swatch' => '#1f7a7a', 'was' => 'F']]]]],
            true,
        ];
        yield 'a colour by name' => [
            'options',
            ['options' => [['name' => 'Nib', 'values' => [['label' => 'Fine', 'swatch' => 'teal']]]]],
            false,
        ];
        yield 'a fact of no kind' => ['facts', ['facts' => [['name' => 'Weight', 'kind' => 'heavy']]], false];
        yield 'a focus outside the picture' => ['picture', ['focus' => [2, 5]], false];
        yield 'contents' => ['contents', ['shop' => 'ab', 'files' => ['shop.json' => str_repeat('a', 64)]], true];
    }

    /**
     * @param  list<string>  $names
     * @return list<string>
     */
    private static function sorted(array $names): array
    {
        sort($names);

        return $names;
    }
}
