<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Changing;

use Vestibra\Core\Catalogue\AddressName;
use Vestibra\Core\Catalogue\MoneyText;

/**
 * The one table of what each thing of the catalogue consists of.
 *
 * @api
 */
final class ThingFields
{
    /** So many products of a category or collection can be given a place of their own. */
    public const MOST_PLACED = 20_000;

    public const MOST_PICTURES = 40;

    public const MOST_RICH = 200_000;

    /** @var array<string, array<string, ThingField>> */
    private static array $made = [];

    /** @return array<string, ThingField> by name */
    public static function of(Thing $thing): array
    {
        return self::$made[$thing->value] ??= array_column(self::list($thing), null, 'name');
    }

    public static function field(Thing $thing, string $name): ?ThingField
    {
        return self::of($thing)[$name] ?? (self::factOf($thing, $name) === null
            ? null
            : new ThingField($name, FieldType::Written, 'fact', most: 50));
    }

    /** A product's value of a fact as a field: facts are defined by the shop, and so stand in no table. */
    public static function fact(int $id): string
    {
        return "fact:$id";
    }

    /** @return int|null the number of the fact that a field is the value of */
    public static function factOf(Thing $thing, string $name): ?int
    {
        return $thing === Thing::Product && preg_match('/^fact:([1-9]\d{0,14})$/D', $name, $part) === 1
            ? (int) $part[1]
            : null;
    }

    /**
     * @param  array<string, mixed>  $values
     * @return list<string> the keys of the things that some fields name, as `brand/3`
     */
    public static function named(Thing $thing, array $values): array
    {
        $keys = [];
        foreach (array_intersect_key(self::of($thing), $values) as $name => $field) {
            $value = $values[$name];
            foreach ($field->names === null
                ? []
                : array_filter(is_array($value) ? $value : [$value], is_int(...)) as $id) {
                $keys[] = Change::keyOf($field->names ?? $thing, $id);
            }
        }

        return $keys;
    }

    /** The field that says what a thing is called. */
    public static function title(Thing $thing): string
    {
        return match ($thing) {
            Thing::Product => 'title',
            Thing::Variant => 'sku',
            Thing::OptionValue => 'label',
            Thing::Picture => 'alt',
            default => 'name',
        };
    }

    /** @return list<ThingField> */
    private static function list(Thing $thing): array
    {
        return match ($thing) {
            Thing::Product => [
                new ThingField('title', FieldType::Line, 'title', true, most: 200),
                new ThingField('slug', FieldType::AddressName, 'address name', true, most: AddressName::MOST),
                new ThingField('shortDescription', FieldType::Rich, 'short description', most: 10_000),
                new ThingField('description', FieldType::Rich, 'description', most: self::MOST_RICH),
                new ThingField('published', FieldType::Flag, 'shown to customers'),
                new ThingField('shownFrom', FieldType::From, 'first day it is shown'),
                new ThingField('shownUntil', FieldType::Until, 'last day it is shown'),
                new ThingField('added', FieldType::From, 'first shown'),
                new ThingField('brand', FieldType::One, 'brand', names: Thing::Brand),
                new ThingField('mainCategory', FieldType::One, 'main category', names: Thing::Category),
                new ThingField('categories', FieldType::Several, 'categories', names: Thing::Category, most: 100),
                new ThingField('tags', FieldType::Several, 'tags', names: Thing::Tag, most: 100),
                new ThingField(
                    'pictures',
                    FieldType::Ordered,
                    'pictures',
                    names: Thing::Picture,
                    most: self::MOST_PICTURES,
                ),
                ...self::searched(),
            ],
            Thing::Variant => [
                new ThingField('product', FieldType::One, 'product', true, Thing::Product),
                new ThingField('sku', FieldType::Line, 'stock number', true, most: 64),
                new ThingField('values', FieldType::Several, 'options', names: Thing::OptionValue, most: 10),
                new ThingField('price', FieldType::Money, 'price', true, most: MoneyText::MOST),
                new ThingField('salePrice', FieldType::Money, 'sale price', most: MoneyText::MOST),
                new ThingField('saleFrom', FieldType::From, 'first day of the sale'),
                new ThingField('saleUntil', FieldType::Until, 'end of the sale'),
                new ThingField('stock', FieldType::Count, 'stock', most: 10_000_000),
                new ThingField('contents', FieldType::Contents, 'contents'),
                new ThingField('picture', FieldType::One, 'picture', names: Thing::Picture),
                new ThingField('barcode', FieldType::Barcode, 'bar code'),
                new ThingField('published', FieldType::Flag, 'for sale'),
                new ThingField('position', FieldType::Count, 'place', true, most: 100_000),
            ],
            Thing::Category => [
                new ThingField('name', FieldType::Line, 'name', true, most: 120),
                new ThingField('slug', FieldType::AddressName, 'address name', true, most: AddressName::MOST),
                new ThingField('parent', FieldType::One, 'place in the tree', names: Thing::Category),
                new ThingField('position', FieldType::Count, 'place among its neighbours', true, most: 100_000),
                self::order(),
                ...self::shown(),
            ],
            Thing::Collection => [
                new ThingField('name', FieldType::Line, 'name', true, most: 120),
                new ThingField('slug', FieldType::AddressName, 'address name', true, most: AddressName::MOST),
                new ThingField('rule', FieldType::Rule, 'rule'),
                new ThingField('products', FieldType::Ordered, 'products', names: Thing::Product, most: 5_000),
                self::order(),
                ...self::shown(),
            ],
            Thing::Brand, Thing::Tag => [
                new ThingField('name', FieldType::Line, 'name', true, most: 120),
                new ThingField('slug', FieldType::AddressName, 'address name', true, most: AddressName::MOST),
                ...self::shown(),
            ],
            Thing::Option => [
                new ThingField('name', FieldType::Line, 'name', true, most: 60),
                new ThingField('position', FieldType::Count, 'place', true, most: 100_000),
                self::merged(),
            ],
            Thing::OptionValue => [
                new ThingField('option', FieldType::One, 'option', true, Thing::Option),
                new ThingField('label', FieldType::Line, 'name', true, most: 80),
                new ThingField('swatch', FieldType::Colour, 'colour'),
                new ThingField('position', FieldType::Count, 'place', true, most: 100_000),
                self::merged(),
            ],
            Thing::Picture => [
                new ThingField('alt', FieldType::Line, 'words instead', most: 300),
                new ThingField('focusX', FieldType::Count, 'what matters, across', true, most: 4),
                new ThingField('focusY', FieldType::Count, 'what matters, down', true, most: 4),
            ],
        };
    }

    /** @return list<ThingField> of what has a page with a picture and words */
    private static function shown(): array
    {
        return [
            new ThingField('description', FieldType::Text, 'description', most: 5_000),
            new ThingField('picture', FieldType::One, 'picture', names: Thing::Picture),
            ...self::searched(),
            self::merged(),
        ];
    }

    /** Of the products of a category, or of a collection by rule: those that come first. */
    private static function order(): ThingField
    {
        return new ThingField('order', FieldType::Ordered, 'own order', names: Thing::Product, most: self::MOST_PLACED);
    }

    private static function merged(): ThingField
    {
        return new ThingField('mergedFrom', FieldType::Merged, 'what was merged into it', most: 1_000);
    }

    /** @return list<ThingField> what search engines are told instead of title and description */
    private static function searched(): array
    {
        return [
            new ThingField('searchTitle', FieldType::Line, 'title for search engines', most: 200),
            new ThingField('searchDescription', FieldType::Line, 'words for search engines', most: 500),
        ];
    }
}
