<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Shop;

use Vestibra\Core\Catalogue\Changing\FieldType;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingField;
use Vestibra\Core\Catalogue\FactKind;

/**
 * The files of a folder as JSON Schema 2020-12, made from the one table of fields. They say what a file may hold; what
 * it names has to be there besides.
 *
 * @api
 */
final class Schemas
{
    private const DIALECT = 'https://json-schema.org/draft/2020-12/schema';

    private const NAME = '^[\\p{Ll}\\p{Lo}\\p{Nd}]+(-[\\p{Ll}\\p{Lo}\\p{Nd}]+)*$';

    private const INSTANT = '^\\d{4}-\\d{2}-\\d{2}(T\\d{2}:\\d{2}:\\d{2}Z)?$';

    /** @return array<string, array<string, mixed>> by the name of the schema's file, without its ending */
    public static function all(): array
    {
        $all = [];
        foreach (array_keys(ShopFolder::FOLDERS) as $thing) {
            $all[$thing] = self::thing(Thing::from($thing));
        }

        return $all + [
            'options' => self::file('options', ['options' => self::list(self::object(
                self::fields(Thing::Option) + [
                    'was' => self::was(),
                    'values' => self::list(
                        self::object(self::fields(Thing::OptionValue) + ['was' => self::was()], ['label']),
                    ),
                ],
                ['name'],
            ))], ['options']),
            'facts' => self::file('facts', ['facts' => self::list(self::object([
                'name' => ['type' => 'string', 'minLength' => 1, 'maxLength' => 100],
                'was' => self::was(),
                'kind' => ['enum' => array_column(FactKind::cases(), 'value')],
                'unit' => ['type' => 'string', 'maxLength' => 40],
                'decimals' => ['type' => 'integer', 'minimum' => 0, 'maximum' => 6],
                'choices' => self::list(['type' => 'string']),
                'group' => ['type' => 'string', 'maxLength' => 100],
            ], ['name', 'kind']))], ['facts']),
            'picture' => self::file('picture', [
                'file' => ['type' => 'string', 'pattern' => '^[a-z0-9-]+\\.(jpg|png|webp|avif)$'],
                'words' => ['type' => 'string', 'maxLength' => 300],
                'focus' => [
                    'type' => 'array',
                    'prefixItems' => [
                        ['type' => 'integer', 'minimum' => 0, 'maximum' => 4],
                        ['type' => 'integer', 'minimum' => 0, 'maximum' => 4],
                    ],
                    'items' => false,
                    'minItems' => 2,
                ],
            ], []),
            'file' => self::file('file', [
                'use' => ['enum' => ['download', 'film', 'captions']],
                'name' => ['type' => 'string', 'minLength' => 1],
                'captions' => ['type' => 'string'],
                'poster' => ['type' => 'string'],
            ], ['use', 'name']),
            'shop' => self::file('shop', [
                'name' => ['type' => 'string'],
                'currency' => ['type' => 'string', 'pattern' => '^[A-Z]{3}$'],
                'language' => ['type' => 'string'],
                'timeZone' => ['type' => 'string'],
            ], ['currency']),
            'contents' => self::file('contents', [
                'shop' => ['type' => 'string'],
                'files' => [
                    'type' => 'object',
                    'additionalProperties' => ['type' => 'string', 'pattern' => '^[0-9a-f]{64}$'],
                ],
            ], ['shop', 'files']),
        ];
    }

    /** @return array<string, mixed> */
    private static function thing(Thing $thing): array
    {
        $fields = self::fields($thing)
            + ['earlierAddressNames' => self::list(['type' => 'string', 'pattern' => self::NAME])];
        $required = self::required($thing);
        if ($thing === Thing::Product) {
            $fields += [
                'facts' => ['type' => 'object', 'additionalProperties' => self::list(['type' => 'string'])],
                'variants' => self::list(self::object(self::fields(Thing::Variant) + [
                    'was' => self::was(),
                    'values' => ['type' => 'object', 'additionalProperties' => ['type' => 'string']],
                ], self::required(Thing::Variant))),
            ];
        }

        return self::file($thing->value, $fields, $required);
    }

    /**
     * @param  array<string, mixed>  $properties
     * @param  list<string>  $required
     * @return array<string, mixed>
     */
    private static function file(string $what, array $properties, array $required): array
    {
        return [
            '$schema' => self::DIALECT,
            '$id' => "https://vestibra.example/formats/$what.schema.json",
            'title' => "A shop’s $what as a file",
        ]
            + self::object(
                ['vestibra' => ['const' => $what], 'format' => ['const' => ShopFolder::FORMAT]] + $properties,
                ['vestibra', 'format', ...$required],
            );
    }

    /** @return array<string, mixed> by name */
    private static function fields(Thing $thing): array
    {
        return array_map(self::value(...), ThingFile::fields($thing));
    }

    /** @return list<string> */
    private static function required(Thing $thing): array
    {
        return array_keys(array_filter(
            ThingFile::fields($thing),
            static fn (ThingField $field): bool => $field->required && ! ThingFile::mayBeLeftOut($field),
        ));
    }

    /** @return array<string, mixed> */
    private static function value(ThingField $field): array
    {
        $type = match ($field->type) {
            FieldType::Line, FieldType::Text,
            FieldType::Rich => ['type' => 'string', 'maxLength' => $field->most]
                + ($field->required ? ['minLength' => 1] : []),
            FieldType::AddressName => ['type' => 'string', 'maxLength' => $field->most, 'pattern' => self::NAME],
            FieldType::Flag => ['type' => 'boolean'],
            FieldType::Money => ['type' => 'string', 'pattern' => '^\\d{1,12}(\\.\\d{1,3})?$'],
            FieldType::Count => ['type' => 'integer', 'minimum' => 0, 'maximum' => $field->most],
            FieldType::From, FieldType::Until => ['type' => 'string', 'pattern' => self::INSTANT],
            FieldType::Barcode => ['type' => 'string', 'pattern' => '^\\d{13}$'],
            FieldType::Contents => ['type' => 'string', 'pattern' => '^\\d'],
            FieldType::Colour => ['type' => 'string', 'pattern' => '^#[0-9a-fA-F]{6}$'],
            FieldType::One => ['type' => 'string', 'minLength' => 1],
            FieldType::Several, FieldType::Ordered => ['maxItems' => $field->most] + self::list(['type' => 'string']),
            FieldType::Written, FieldType::Merged => self::list(['type' => 'string']),
            FieldType::Rule => [
                'type' => 'object',
                'required' => ['show'],
                'properties' => [
                    'format' => ['type' => 'integer'],
                    'show' => ['type' => 'array'],
                    'keepOff' => ['type' => 'array'],
                ],
            ],
        };

        return ['description' => $field->words] + $type;
    }

    /** @return array<string, mixed> */
    private static function was(): array
    {
        return ['description' => 'what it was called before, where this renames it', 'type' => 'string'];
    }

    /**
     * @param  array<string, mixed>  $items
     * @return array<string, mixed>
     */
    private static function list(array $items): array
    {
        return ['type' => 'array', 'items' => $items];
    }

    /**
     * @param  array<string, mixed>  $properties
     * @param  list<string>  $required
     * @return array<string, mixed>
     */
    private static function object(array $properties, array $required): array
    {
        return [
            'type' => 'object', 'properties' => $properties, 'required' => $required, 'additionalProperties' => false,
        ];
    }
}
