<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Formats\Shop;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\FieldReader;
use Vestibra\Core\Catalogue\Changing\FieldType;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingField;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\Shop\ThingFile;
use Vestibra\Core\Problem;
use Vestibra\Tests\Core\Chance;

final class ThingFileTest extends TestCase
{
    private const RULE = [
        'format' => 2,
        'show' => [[['field' => 'brand', 'comparison' => 'isOneOf', 'values' => [3]]]],
        'keepOff' => [],
        'season' => [],
        'goesFirst' => false,
    ];

    public function test_whatever_stands_in_the_shop_is_read_back_from_its_file(): void
    {
        $chance = new Chance(41);
        foreach ([0, 2, 3] as $digits) {
            for ($round = 0; $round < 60; $round++) {
                foreach (Thing::cases() as $thing) {
                    $stands = array_map(
                        static fn (ThingField $field): mixed => self::some($field, $chance),
                        ThingFields::of($thing),
                    );
                    $written = json_decode((string) json_encode(self::file($digits)->written($thing, $stands)), true);
                    self::assertIsArray($written);
                    $problems = [];

                    self::assertEquals(
                        array_intersect_key($stands, ThingFile::fields($thing)),
                        self::file($digits)->changed($thing, null, $written, $problems),
                        $thing->value,
                    );
                    self::assertSame([], self::file($digits)->changed($thing, $stands, $written, $problems));
                    self::assertSame([], $problems);
                }
            }
        }
    }

    public function test_what_is_empty_is_left_out_and_what_is_left_out_is_empty(): void
    {
        $stands = array_map(static fn (ThingField $field): mixed => $field->empty(), ThingFields::of(Thing::Variant));
        $stands = ['sku' => 'INK-1', 'price' => 950] + $stands;
        $problems = [];

        self::assertSame(['sku' => 'INK-1', 'price' => '9.50'], self::file()->written(Thing::Variant, $stands));
        self::assertSame(
            ['salePrice' => null, 'published' => true],
            self::file()->changed(
                Thing::Variant,
                ['salePrice' => 800, 'published' => false] + $stands,
                ['sku' => 'INK-1', 'price' => '9.50'],
                $problems,
            ),
        );
        self::assertSame([], $problems);
    }

    public function test_only_what_differs_is_read_so_that_what_stands_there_needs_not_be_sound(): void
    {
        $stands = ['sku' => '', 'price' => null, 'barcode' => '123']
            + array_map(static fn (ThingField $field): mixed => $field->empty(), ThingFields::of(Thing::Variant));
        $written = self::file()->written(Thing::Variant, $stands);
        $problems = [];

        self::assertSame(
            ['stock' => 4],
            self::file()->changed(Thing::Variant, $stands, ['stock' => 4] + $written, $problems),
        );
        self::assertSame([], $problems);
    }

    /** @param  int|array{CatalogueProblem|FileFormatProblem, string}  $read */
    #[DataProvider('amounts')]
    public function test_amounts_as_we_write_them_mean_one_thing(int $digits, mixed $given, int|array $read): void
    {
        $problems = [];
        $stands = ['price' => 1]
            + array_map(static fn (ThingField $field): mixed => $field->empty(), ThingFields::of(Thing::Variant));
        $changed = self::file($digits)->changed(
            Thing::Variant,
            $stands,
            ['price' => $given] + self::file($digits)->written(Thing::Variant, $stands),
            $problems,
        );

        self::assertSame(
            is_int($read) ? [] : [$read],
            array_map(static fn (Problem $problem): array => [$problem->code, $problem->path], $problems),
        );
        self::assertSame(is_int($read) ? ['price' => $read] : [], $changed);
    }

    /** @return iterable<string, array{int, mixed, int|array{CatalogueProblem|FileFormatProblem, string}}> */
    public static function amounts(): iterable
    {
        yield 'pence' => [2, '12.50', 1250];
        yield 'no minor units' => [0, '1250', 1250];
        yield 'three digits, where a person would be asked' => [3, '1.234', 1234];
        yield 'as a number' => [2, 12.5, [FileFormatProblem::WrongType, 'price']];
        yield 'as a whole number' => [2, 12, [FileFormatProblem::WrongType, 'price']];
        yield 'as somebody writes it' => [2, '1.234,56 €', 123_456];
        yield 'in doubt' => [2, '1.234', [CatalogueProblem::InDoubt, 'price']];
        yield 'finer than the currency' => [0, '12.5', [CatalogueProblem::TooFine, 'price']];
        yield 'nothing' => [2, '', [CatalogueProblem::Missing, 'price']];
        yield 'a list' => [2, ['12.50'], [FileFormatProblem::WrongType, 'price']];
    }

    /** @param  array<string, mixed>  $given */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_said_by_the_field(
        Thing $thing,
        array $given,
        FileFormatProblem|CatalogueProblem $code,
        string $path,
        string $name = '',
    ): void {
        $problems = [];
        self::file()->changed($thing, null, $given + ['title' => 'Ink', 'name' => 'Ink', 'slug' => 'ink'], $problems);

        self::assertContains(
            [$code, $path, $name],
            array_map(
                static fn (Problem $problem): array => [$problem->code, $problem->path, $problem->values['name'] ?? ''],
                $problems,
            ),
        );
    }

    /**
     * @return iterable<string, array{0: Thing, 1: array<string, mixed>, 2: FileFormatProblem|CatalogueProblem,
     *     3: string, 4?: string}>
     */
    public static function wrong(): iterable
    {
        yield 'a brand that nobody has' => [
            Thing::Product, ['brand' => 'nobody'], FileFormatProblem::UnknownName, 'brand', 'nobody',
        ];
        yield 'a brand by number' => [Thing::Product, ['brand' => 3], FileFormatProblem::WrongType, 'brand'];
        yield 'one of several' => [
            Thing::Product, ['tags' => ['tag-1', 'nobody']], FileFormatProblem::UnknownName, 'tags', 'nobody',
        ];
        yield 'several that are words' => [Thing::Product, ['tags' => 'tag-1'], FileFormatProblem::WrongType, 'tags'];
        yield 'a rule with a name that nobody has' => [
            Thing::Collection,
            ['rule' => ['show' => [[['field' => 'category', 'comparison' => 'isIn', 'values' => ['nobody']]]]]],
            FileFormatProblem::UnknownName,
            'rule',
            'nobody',
        ];
        yield 'no title' => [Thing::Product, ['title' => ''], CatalogueProblem::Missing, 'title'];
        yield 'an address name of signs' => [Thing::Tag, ['slug' => '!!'], CatalogueProblem::NotAnAddressName, 'slug'];
    }

    public function test_what_has_no_name_is_left_as_nothing(): void
    {
        self::assertSame(null, self::file()->written(Thing::Product, ['brand' => 999])['brand']);
    }

    private static function file(int $digits = 2): ThingFile
    {
        return new ThingFile(
            new NamesOfFolder,
            new FieldReader(ShopZone::of('Europe/London'), $digits, 'EUR', static fn (string $html): string => $html),
            $digits,
        );
    }

    private static function some(ThingField $field, Chance $chance): mixed
    {
        if (! $field->required && $chance->oneIn(3)) {
            return $field->empty();
        }
        $ids = static fn (): array => array_values(
            array_unique(array_map(static fn (): int => $chance->number(1, 30), range(1, $chance->number(1, 4)))),
        );

        return match ($field->type) {
            FieldType::Line, FieldType::Text,
            FieldType::Rich => ['Ink', 'Tinte für Ämter', '“10 %”', '1.5', 'true'][$chance->number(0, 4)],
            FieldType::AddressName => 'ink-'.$chance->number(1, 99),
            FieldType::Flag => $chance->oneIn(2),
            FieldType::Money => $chance->number(0, 9_999_999),
            FieldType::Count => $chance->number(0, min(4, $field->most)),
            FieldType::From, FieldType::Until => '2026-0'.$chance->number(1, 9).'-01T00:00:00Z',
            FieldType::Barcode => '2000000027005',
            FieldType::Contents => ['30 ml', '0.75 l', '12 sheets'][$chance->number(0, 2)],
            FieldType::Colour => '#1f7a7'.$chance->number(0, 9),
            FieldType::One => $chance->number(1, 30),
            FieldType::Several => self::sorted($ids()),
            FieldType::Ordered => $ids(),
            FieldType::Rule => self::RULE,
            FieldType::Written => ['one'],
            FieldType::Merged => [],
        };
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
}
