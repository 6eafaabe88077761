<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Formats\Shop;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Changing\FieldReader;
use Vestibra\Core\Catalogue\Changing\FieldType;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingField;
use Vestibra\Core\Catalogue\Gtin;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Formats\Shop\FolderNames;
use Vestibra\Core\Formats\Shop\Schemas;
use Vestibra\Core\Formats\Shop\ShopFolder;
use Vestibra\Core\Formats\Shop\ThingFile;
use Vestibra\Tests\Core\Chance;

/** What the published schemas allow is read, and what they forbid is not: held by files that are drawn. */
final class ThingFileSchemaTest extends TestCase
{
    private const DRAWN = 150;

    /** @return iterable<string, array{Thing}> */
    public static function things(): iterable
    {
        foreach (array_keys(ShopFolder::FOLDERS) as $thing) {
            yield $thing => [Thing::from($thing)];
        }
    }

    #[DataProvider('things')]
    public function test_what_a_schema_allows_is_read_and_what_it_forbids_is_not(Thing $thing): void
    {
        $schema = json_decode(json_encode(Schemas::all()[$thing->value], JSON_THROW_ON_ERROR));
        self::assertIsObject($schema);
        $chance = new Chance(random_int(1, 1_000_000));
        $fields = ThingFile::fields($thing);
        $counted = ['allowed' => 0, 'forbidden' => 0];
        for ($at = 0; $at < self::DRAWN; $at++) {
            $given = [];
            foreach ($fields as $name => $field) {
                if (($field->required && ! ThingFile::mayBeLeftOut($field)) || $chance->number(0, 1) === 1) {
                    $given[$name] = self::good($field, $chance);
                }
            }
            if ($at % 2 === 1) {
                $name = array_keys($fields)[$chance->number(0, count($fields) - 1)];
                $spoilt = self::bad($fields[$name]);
                $given[$name] = $spoilt[$chance->number(0, count($spoilt) - 1)];
            }
            $document = json_decode(json_encode(ShopFolder::headed($thing->value, $given), JSON_THROW_ON_ERROR));
            $allowed = (new Validator)->validate($document, $schema)->isValid();
            $problems = [];
            self::reader()->changed($thing, null, $given, $problems);
            self::assertSame(
                $allowed,
                $problems === [],
                "seed $chance->seed: ".json_encode($given, JSON_UNESCAPED_UNICODE).' '.json_encode(
                    array_map(static fn ($one): array => [$one->code->value, $one->path], $problems),
                ),
            );
            $counted[$allowed ? 'allowed' : 'forbidden']++;
        }
        self::assertGreaterThan(self::DRAWN / 3, min($counted), 'Both happen often.');
    }

    public function test_a_place_that_is_left_out_stays_as_it_is(): void
    {
        $problems = [];
        $stands = ['name' => 'Inks', 'slug' => 'inks', 'parent' => null, 'position' => 7]
            + array_map(static fn (ThingField $field): mixed => $field->empty(), ThingFile::fields(Thing::Category));
        self::assertSame(
            [],
            self::reader()->changed(Thing::Category, $stands, ['name' => 'Inks', 'slug' => 'inks'], $problems),
        );
        self::assertSame(
            ['position' => 3],
            self::reader()
                ->changed(Thing::Category, $stands, ['name' => 'Inks', 'slug' => 'inks', 'position' => 3], $problems),
        );
        self::assertSame([], $problems);
    }

    private static function good(ThingField $field, Chance $chance): mixed
    {
        $words = static fn (): string => ['Teal Tide', 'Ä ö ü', 'a', 'Fine & broad', '日本'][$chance->number(0, 4)];

        return match ($field->type) {
            FieldType::Line, FieldType::Text => $words(),
            FieldType::Rich => "<p>{$words()}</p>",
            FieldType::AddressName => ['teal-tide', 'a', 'nib-2', 'größe'][$chance->number(0, 3)],
            FieldType::Flag => $chance->number(0, 1) === 1,
            FieldType::Money => sprintf('%d.%02d', $chance->number(0, 999), $chance->number(0, 99)),
            FieldType::Count => $chance->number(0, $field->most),
            FieldType::From, FieldType::Until => ['2026-12-24', '2026-12-24T10:00:00Z'][$chance->number(0, 1)],
            FieldType::Barcode => ($digits = sprintf('20000000%04d', $chance->number(0, 9999)))
                .Gtin::checkDigit($digits),
            FieldType::Contents => ['30 ml', '1.5 kg', '80 sheets'][$chance->number(0, 2)],
            FieldType::Colour => ['#1f7a7a', '#FFFFFF'][$chance->number(0, 1)],
            FieldType::One => 'known',
            FieldType::Several, FieldType::Ordered => [[], ['known'], ['known', 'other']][$chance->number(0, 2)],
            FieldType::Written, FieldType::Merged => [],
            FieldType::Rule => [
                'format' => 2,
                'show' => [[['field' => 'sale', 'comparison' => 'isOn', 'values' => []]]],
            ],
        };
    }

    /** @return non-empty-list<mixed> what the schema forbids */
    private static function bad(ThingField $field): array
    {
        return match ($field->type) {
            FieldType::Line, FieldType::Text, FieldType::Rich => [7, true, ['x'], str_repeat('a', $field->most + 1)],
            FieldType::AddressName => [7, 'A b', '-a', 'a--b', true],
            FieldType::Flag => ['yes', 1, 0, []],
            FieldType::Money => [9.5, 9, '-1.00', '9,50', '1e3', '9.50 GBP', []],
            FieldType::Count => ['3', -1, 1.5, $field->most + 1, true],
            FieldType::From, FieldType::Until => [20261224, 'soon', '24.12.2026', []],
            FieldType::Barcode => [2_000_000_000_001, '20000', 'abc', []],
            FieldType::Contents => [30, 'some', []],
            FieldType::Colour => ['teal', '#fff', 7],
            FieldType::One => [7, true, []],
            FieldType::Several, FieldType::Ordered => ['known', [7], 7, ['a' => 'known']],
            FieldType::Written, FieldType::Merged => ['x', 7],
            FieldType::Rule => ['all', 7, []],
        };
    }

    private static function reader(): ThingFile
    {
        return new ThingFile(new class implements FolderNames
        {
            public function nameOf(string $what, int $id): ?string
            {
                return [1 => 'known', 2 => 'other'][$id] ?? null;
            }

            public function idOf(string $what, string $name): ?int
            {
                return ['known' => 1, 'other' => 2][$name] ?? null;
            }
        }, new FieldReader(ShopZone::of('Europe/London'), 2, 'GBP', static fn (string $html): string => $html), 2);
    }
}
