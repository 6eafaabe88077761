<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue\Changing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\EntryReader;
use Vestibra\Core\Catalogue\Changing\FieldReader;
use Vestibra\Core\Catalogue\Changing\FieldType;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingField;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Problem;
use Vestibra\Tests\Core\Chance;

final class EntryReaderTest extends TestCase
{
    #[DataProvider('fields')]
    public function test_a_field(string $thing, string $field, mixed $written, mixed $expected): void
    {
        $found = ThingFields::field(Thing::from($thing), $field);
        self::assertNotNull($found);
        $read = $this->reader()->read($found, $written);

        self::assertSame($expected, $read instanceof Problem ? $read->code : $read);
        if ($read instanceof Problem) {
            self::assertSame($field, $read->path);
            self::assertSame($found->words, $read->values['field']);
        }
    }

    /** @return iterable<array{string, string, mixed, mixed}> */
    public static function fields(): iterable
    {
        yield ['product', 'title', "  Teal \n Tide ", 'Teal Tide'];
        yield ['product', 'title', "\u{A0}", CatalogueProblem::Missing];
        yield ['product', 'title', null, CatalogueProblem::Missing];
        yield ['product', 'title', ['x'], CatalogueProblem::NotWords];
        yield ['product', 'title', "\xff", CatalogueProblem::NotWords];
        yield ['product', 'title', "e\u{301}tui", 'étui'];
        yield ['product', 'title', "te\0al", CatalogueProblem::Unprintable];
        yield ['product', 'description', "<p>te\0al</p>", CatalogueProblem::Unprintable];
        yield ['product', 'title', str_repeat('ä', 200), str_repeat('ä', 200)];
        yield ['product', 'title', str_repeat('ä', 201), CatalogueProblem::TooLong];
        yield ['product', 'description', '<p onclick=x>Hi</p>', 'SAFE<p onclick=x>Hi</p>'];
        yield ['product', 'description', str_repeat('a', 2_000_000), CatalogueProblem::TooLong];
        yield ['category', 'description', " One\r\n\n\n\nTwo\t ", "One\n\nTwo"];
        yield ['product', 'slug', ' teal-tide ', 'teal-tide'];
        yield ['product', 'slug', '!!!', CatalogueProblem::NotAnAddressName];
        yield ['product', 'slug', '', CatalogueProblem::Missing];
        yield ['product', 'slug', str_repeat('a', 500), CatalogueProblem::TooLong];
        yield ['product', 'published', false, false];
        yield ['product', 'published', 'no', CatalogueProblem::NotYesOrNo];
        yield ['product', 'brand', 7, 7];
        yield ['product', 'brand', '', null];
        yield ['product', 'brand', '7', CatalogueProblem::NotThings];
        yield ['product', 'brand', 0, CatalogueProblem::NotThings];
        yield ['product', 'categories', [3, 1, 3], [1, 3]];
        yield ['product', 'categories', 'all', CatalogueProblem::NotThings];
        yield ['product', 'categories', range(1, 101), CatalogueProblem::TooMany];
        yield ['product', 'categories', range(1, 100), range(1, 100)];
        yield ['category', 'description', str_repeat('ü', 5_000), str_repeat('ü', 5_000)];
        yield ['category', 'description', str_repeat('ü', 5_001), CatalogueProblem::TooLong];
        yield ['product', 'description', str_repeat('a', 200_000), 'SAFE'.str_repeat('a', 200_000)];
        yield ['product', 'slug', str_repeat('a', 120), str_repeat('a', 120)];
        yield ['product', 'slug', str_repeat('a', 121), CatalogueProblem::TooLong];
        yield ['variant', 'price', 99_999_999_999, 99_999_999_999];
        yield ['variant', 'stock', 10_000_000, 10_000_000];
        yield ['variant', 'stock', 10_000_001, CatalogueProblem::NotACount];
        yield ['variant', 'position', '', CatalogueProblem::Missing];
        yield ['product', 'pictures', [3, 1, 3], [3, 1]];
        yield ['product', 'brand', 10 ** 15, CatalogueProblem::NotThings];
        yield ['product', 'brand', -1, -1];
        yield ['product', 'fact:7', ['a'], CatalogueProblem::UnknownField];
        yield ['variant', 'price', 1_250, 1_250];
        yield ['variant', 'price', '£12.50', 1_250];
        yield ['variant', 'price', '', CatalogueProblem::Missing];
        yield ['variant', 'price', 0, 0];
        yield ['variant', 'price', -1, CatalogueProblem::Negative];
        yield ['variant', 'price', 12.5, CatalogueProblem::NotAnAmount];
        yield ['variant', 'price', 100_000_000_000, CatalogueProblem::TooMuch];
        yield ['variant', 'salePrice', ' ', null];
        yield ['variant', 'stock', '-3', CatalogueProblem::NotACount];
        yield ['variant', 'stock', -3, CatalogueProblem::NotACount];
        yield ['variant', 'stock', '12', 12];
        yield ['variant', 'stock', 0, 0];
        yield ['variant', 'stock', '0', 0];
        yield ['variant', 'stock', '', null];
        yield ['variant', 'stock', 2.5, CatalogueProblem::NotACount];
        yield ['variant', 'saleFrom', '2026-07-01', '2026-06-30T23:00:00Z'];
        yield ['variant', 'saleUntil', '2026-07-01', '2026-07-01T23:00:00Z'];
        yield ['variant', 'saleUntil', '2026-12-01T18:00', '2026-12-01T18:00:00Z'];
        yield ['variant', 'saleUntil', '2026-13-01', CatalogueProblem::NotAnInstant];
        yield ['variant', 'saleUntil', '', null];
        yield ['variant', 'barcode', '400 6381-333931', '4006381333931'];
        yield ['variant', 'barcode', '4006381333932', CatalogueProblem::BarcodeCheck];
        yield ['variant', 'barcode', '12345678905', CatalogueProblem::BarcodeZeros];
        yield ['variant', 'barcode', 12_345_678_905, CatalogueProblem::BarcodeZeros];
        yield ['variant', 'barcode', '12345678906', CatalogueProblem::NotABarcode];
        yield ['variant', 'barcode', 'none', CatalogueProblem::NotABarcode];
        yield ['variant', 'barcode', [], CatalogueProblem::NotABarcode];
        yield ['variant', 'barcode', null, CatalogueProblem::NotABarcode];
        yield ['variant', 'barcode', '', ''];
        yield ['option-value', 'swatch', '#1F7A7A', '#1f7a7a'];
        yield ['option-value', 'swatch', 'teal', CatalogueProblem::NotAColour];
        yield ['option-value', 'swatch', '', null];
        yield ['collection', 'rule', ['format' => 2], ['format' => 2]];
        yield ['collection', 'rule', 'all', CatalogueProblem::NotAnEntry];
    }

    public function test_lost_zeros_are_given_back(): void
    {
        $read = $this->reader()->read(new ThingField('barcode', FieldType::Barcode, 'bar code'), '12345678905');

        self::assertInstanceOf(Problem::class, $read);
        self::assertSame('0012345678905', $read->values['whole']);
    }

    public function test_what_was_read_is_read_to_the_same(): void
    {
        foreach (self::fields() as [$thing, $name, $written, $expected]) {
            if (! $expected instanceof CatalogueProblem && $name !== 'description') {
                $field = ThingFields::field(Thing::from($thing), $name);
                self::assertNotNull($field);
                self::assertSame($expected, $this->reader()->read($field, $expected), $name);
            }
        }
    }

    public function test_what_a_thing_cannot_be_without(): void
    {
        $required = [];
        foreach (Thing::cases() as $thing) {
            $required[$thing->value] = array_keys(
                array_filter(ThingFields::of($thing), static fn (ThingField $field): bool => $field->required),
            );
        }

        self::assertSame([
            'product' => ['title', 'slug'], 'variant' => ['product', 'sku', 'price', 'position'],
            'category' => ['name', 'slug', 'position'], 'collection' => ['name', 'slug'],
            'brand' => ['name', 'slug'], 'tag' => ['name', 'slug'], 'option' => ['name', 'position'],
            'option-value' => ['option', 'label', 'position'], 'picture' => ['focusX', 'focusY'],
        ], $required);
    }

    public function test_a_fact_is_a_field_of_products_alone(): void
    {
        self::assertSame(FieldType::Written, ThingFields::field(Thing::Product, ThingFields::fact(7))?->type);
        self::assertSame(7, ThingFields::factOf(Thing::Product, 'fact:7'));
        foreach (['fact:0', 'fact:', 'fact:7x', 'a fact:7', "fact:7\n", 'title'] as $name) {
            self::assertNull(ThingFields::factOf(Thing::Product, $name));
        }
        self::assertNull(ThingFields::factOf(Thing::Tag, 'fact:7'));
        self::assertNull(ThingFields::field(Thing::Tag, 'fact:7'));
        self::assertNull(ThingFields::field(Thing::Product, 'nothing'));
        $read = $this->entry([[
            'thing' => 'product', 'id' => 5, 'before' => ['fact:7' => null], 'after' => ['fact:7' => ['a']],
        ]]);
        self::assertIsArray($read);
        self::assertSame(CatalogueProblem::UnknownField, $read[0]->code);
    }

    public function test_a_thing_is_deleted(): void
    {
        $entry = $this->entry([['thing' => 'tag', 'id' => 5, 'before' => ['name' => 'a'], 'after' => null]]);

        self::assertInstanceOf(Entry::class, $entry);
        self::assertTrue($entry->changes[0]->isDeleted());
        self::assertSame(['name' => 'a'], $entry->changes[0]->before);
        self::assertCount(
            EntryReader::MOST_CHANGES,
            (array) $this->entry(array_fill(0, EntryReader::MOST_CHANGES, 'x')),
        );
    }

    public function test_what_a_new_thing_holds_before_anybody_says_so(): void
    {
        $empty = static fn (Thing $thing): array =>
            array_map(static fn (ThingField $field): mixed => $field->empty(), ThingFields::of($thing));

        self::assertSame(
            [
                'product' => null, 'sku' => '', 'values' => [], 'price' => null, 'salePrice' => null,
                'saleFrom' => null, 'saleUntil' => null, 'stock' => null, 'contents' => null, 'picture' => null,
                'barcode' => '', 'published' => true, 'position' => 0,
            ],
            $empty(Thing::Variant),
        );
        self::assertSame(
            ['option' => null, 'label' => '', 'swatch' => null, 'position' => 0, 'mergedFrom' => []],
            $empty(Thing::OptionValue),
        );
        self::assertSame(['value', 'brand'], [Thing::OptionValue->one(), Thing::Brand->one()]);
    }

    public function test_a_new_thing_is_complete(): void
    {
        $entry = $this->entry(
            [['thing' => 'tag', 'id' => -1, 'before' => null, 'after' => ['name' => 'Gift', 'slug' => 'gift']]],
        );

        self::assertInstanceOf(Entry::class, $entry);
        self::assertSame(
            [
                'name' => 'Gift', 'slug' => 'gift', 'description' => '', 'picture' => null, 'searchTitle' => '',
                'searchDescription' => '', 'mergedFrom' => [],
            ],
            $entry->changes[0]->after,
        );
    }

    public function test_an_alteration_has_the_same_fields_before_and_after(): void
    {
        $entry = $this->entry([[
            'thing' => 'tag',
            'id' => 4,
            'before' => ['name' => 'Gift', 'slug' => 'gift', 'colour' => 'red'],
            'after' => ['name' => ' Gifts '],
        ]]);

        self::assertInstanceOf(Entry::class, $entry);
        self::assertSame(['name' => 'Gift'], $entry->changes[0]->before);
        self::assertSame(['name' => 'Gifts'], $entry->changes[0]->after);
    }

    /** @param  list<array{CatalogueProblem, string}>  $expected */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_said_by_path(mixed $input, array $expected): void
    {
        $read = $this->entry($input);

        self::assertIsArray($read);
        self::assertSame(
            $expected,
            array_map(static fn (Problem $problem): array => [$problem->code, $problem->path], $read),
        );
    }

    /** @return iterable<string, array{mixed, list<array{CatalogueProblem, string}>}> */
    public static function nonsense(): iterable
    {
        yield 'words' => ['hello', [[CatalogueProblem::NotAnEntry, '']]];
        yield 'nothing' => [[], [[CatalogueProblem::NotAnEntry, '']]];
        yield 'an object' => [['thing' => 'tag'], [[CatalogueProblem::NotAnEntry, '']]];
        yield 'no such thing' =>
            [[['thing' => 'user', 'id' => 1, 'before' => [], 'after' => []]], [[CatalogueProblem::UnknownThing, '0']]];
        yield 'a picture out of nothing' => [
            [['thing' => 'picture', 'id' => -1, 'before' => null, 'after' => ['alt' => 'A bottle']]],
            [[CatalogueProblem::UnknownThing, '0']],
        ];
        yield 'a picture that is thrown away here' => [
            [['thing' => 'picture', 'id' => 1, 'before' => [], 'after' => null]],
            [[CatalogueProblem::UnknownThing, '0']],
        ];
        yield 'not a list' =>
            [['x', 7], [[CatalogueProblem::UnknownThing, '0'], [CatalogueProblem::UnknownThing, '1']]];
        yield 'a new thing with a number' =>
            [[['thing' => 'tag', 'id' => 5, 'before' => null, 'after' => []]], [[CatalogueProblem::NotAnEntry, '0']]];
        yield 'an old thing without one' => [
            [['thing' => 'tag', 'id' => -5, 'before' => ['name' => 'a'], 'after' => ['name' => 'b']]],
            [[CatalogueProblem::NotAnEntry, '0']],
        ];
        yield 'a number that is none' =>
            [[['thing' => 'tag', 'id' => '5', 'before' => [], 'after' => []]], [[CatalogueProblem::NotAnEntry, '0']]];
        yield 'nought' => [[['thing' => 'tag', 'id' => 0, 'before' => null, 'after' => ['name' => 'a']]], [
            [CatalogueProblem::NotAnEntry, '0'],
        ]];
        yield 'before is no object' => [[['thing' => 'tag', 'id' => 5, 'before' => 'x', 'after' => ['name' => 'a']]], [
            [CatalogueProblem::NotAnEntry, '0'],
        ]];
        yield 'after is no object' => [[['thing' => 'tag', 'id' => 5, 'before' => ['name' => 'a'], 'after' => 7]], [
            [CatalogueProblem::NotAnEntry, '0'],
        ]];
        yield 'an old thing that would be new' =>
            [[['thing' => 'tag', 'id' => 5, 'before' => null, 'after' => null]], [[CatalogueProblem::NotAnEntry, '0']]];
        yield 'nothing to nothing' => [[['thing' => 'tag', 'id' => -5, 'before' => null, 'after' => null]], [
            [CatalogueProblem::NotAnEntry, '0'],
        ]];
        yield 'twice' => [
            [['thing' => 'tag', 'id' => 5, 'before' => ['name' => 'a'], 'after' => ['name' => 'b']], [
                'thing' => 'tag', 'id' => 5, 'before' => ['name' => 'a'], 'after' => ['name' => 'c'],
            ]],
            [[CatalogueProblem::Twice, 'tag/5']],
        ];
        yield 'an unknown field' => [[['thing' => 'tag', 'id' => 5, 'before' => ['x' => 1], 'after' => ['x' => 2]]], [
            [CatalogueProblem::UnknownField, 'tag/5/x'],
        ]];
        yield 'without what was before' => [
            [['thing' => 'tag', 'id' => 5, 'before' => [], 'after' => ['name' => 'b']]],
            [[CatalogueProblem::NotAnEntry, 'tag/5/name']],
        ];
        yield 'what has to be there' => [
            [['thing' => 'tag', 'id' => -1, 'before' => null, 'after' => ['slug' => '?']]],
            [[CatalogueProblem::NotAnAddressName, 'tag/-1/slug'], [CatalogueProblem::Missing, 'tag/-1/name']],
        ];
        yield 'too many' => [array_fill(0, EntryReader::MOST_CHANGES + 1, 'x'), [[CatalogueProblem::TooMany, '']]];
    }

    public function test_whatever_comes_in_it_is_answered(): void
    {
        $chance = new Chance(17);
        $junk = static fn (): mixed => [
            null, true, -3, 1.5, '', "\xff", 'x', [], ['a' => []], PHP_INT_MAX, str_repeat('9', 400),
        ][$chance->number(0, 10)];
        foreach (Thing::cases() as $thing) {
            for ($try = 0; $try < 60; $try++) {
                $fields = array_map($junk, ThingFields::of($thing));
                $read = $this->entry([[
                    'thing' => $thing->value,
                    'id' => $chance->number(-2, 2),
                    'before' => $chance->number(0, 1) === 0 ? null : $fields,
                    'after' => $fields,
                ]]);
                self::assertTrue($read instanceof Entry || $read !== []);
            }
        }
    }

    /** @return Entry|non-empty-list<Problem> */
    private function entry(mixed $input): Entry|array
    {
        return (new EntryReader($this->reader()))->read($input);
    }

    private function reader(): FieldReader
    {
        return new FieldReader(ShopZone::of('Europe/London'), 2, 'GBP', static fn (string $html): string =>
            "SAFE$html");
    }
}
