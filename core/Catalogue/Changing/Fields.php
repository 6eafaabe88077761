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
final class Fields
{
    /** So many products of a category or collection can be given a place of their own. */
    public const MOST_PLACED = 20_000;

    public const MOST_PICTURES = 40;

    public const MOST_RICH = 200_000;

    /** @var array<string, array<string, Field>> */
    private static array $made = [];

    /** @return array<string, Field> by name */
    public static function of(Thing $thing): array
    {
        return self::$made[$thing->value] ??= array_column(self::list($thing), null, 'name');
    }

    public static function field(Thing $thing, string $name): ?Field
    {
        return self::of($thing)[$name] ?? (self::factOf($thing, $name) === null ? null : new Field($name, FieldType::Written, 'fact', most: 50));
    }

    /** A product's value of a fact as a field: facts are defined by the shop, and so stand in no table. */
    public static function fact(int $id): string
    {
        return "fact:$id";
    }

    /** @return int|null the number of the fact that a field is the value of */
    public static function factOf(Thing $thing, string $name): ?int
    {
        return $thing === Thing::Product && preg_match('/^fact:([1-9]\d{0,14})$/D', $name, $part) === 1 ? (int) $part[1] : null;
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
            foreach ($field->names === null ? [] : array_filter(is_array($value) ? $value : [$value], is_int(...)) as $id) {
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

    /** @return list<Field> */
    private static function list(Thing $thing): array
    {
        return match ($thing) {
            Thing::Product => [
                new Field('title', FieldType::Line, 'title', true, most: 200),
                new Field('slug', FieldType::AddressName, 'address name', true, most: AddressName::MOST),
                new Field('shortDescription', FieldType::Rich, 'short description', most: 10_000),
                new Field('description', FieldType::Rich, 'description', most: self::MOST_RICH),
                new Field('published', FieldType::Flag, 'shown to customers'),
                new Field('shownFrom', FieldType::From, 'first day it is shown'),
                new Field('shownUntil', FieldType::Until, 'last day it is shown'),
                new Field('added', FieldType::From, 'first shown'),
                new Field('brand', FieldType::One, 'brand', names: Thing::Brand),
                new Field('mainCategory', FieldType::One, 'main category', names: Thing::Category),
                new Field('categories', FieldType::Several, 'categories', names: Thing::Category, most: 100),
                new Field('tags', FieldType::Several, 'tags', names: Thing::Tag, most: 100),
                new Field('pictures', FieldType::Ordered, 'pictures', names: Thing::Picture, most: self::MOST_PICTURES),
                ...self::searched(),
            ],
            Thing::Variant => [
                new Field('product', FieldType::One, 'product', true, Thing::Product),
                new Field('sku', FieldType::Line, 'stock number', true, most: 64),
                new Field('values', FieldType::Several, 'options', names: Thing::OptionValue, most: 10),
                new Field('price', FieldType::Money, 'price', true, most: MoneyText::MOST),
                new Field('salePrice', FieldType::Money, 'sale price', most: MoneyText::MOST),
                new Field('saleFrom', FieldType::From, 'first day of the sale'),
                new Field('saleUntil', FieldType::Until, 'end of the sale'),
                new Field('stock', FieldType::Count, 'stock', most: 10_000_000),
                new Field('contents', FieldType::Contents, 'contents'),
                new Field('picture', FieldType::One, 'picture', names: Thing::Picture),
                new Field('barcode', FieldType::Barcode, 'bar code'),
                new Field('published', FieldType::Flag, 'for sale'),
                new Field('position', FieldType::Count, 'place', true, most: 100_000),
            ],
            Thing::Category => [
                new Field('name', FieldType::Line, 'name', true, most: 120),
                new Field('slug', FieldType::AddressName, 'address name', true, most: AddressName::MOST),
                new Field('parent', FieldType::One, 'place in the tree', names: Thing::Category),
                new Field('position', FieldType::Count, 'place among its neighbours', true, most: 100_000),
                self::order(),
                ...self::shown(),
            ],
            Thing::Collection => [
                new Field('name', FieldType::Line, 'name', true, most: 120),
                new Field('slug', FieldType::AddressName, 'address name', true, most: AddressName::MOST),
                new Field('rule', FieldType::Rule, 'rule'),
                new Field('products', FieldType::Ordered, 'products', names: Thing::Product, most: 5_000),
                self::order(),
                ...self::shown(),
            ],
            Thing::Brand, Thing::Tag => [
                new Field('name', FieldType::Line, 'name', true, most: 120),
                new Field('slug', FieldType::AddressName, 'address name', true, most: AddressName::MOST),
                ...self::shown(),
            ],
            Thing::Option => [
                new Field('name', FieldType::Line, 'name', true, most: 60),
                new Field('position', FieldType::Count, 'place', true, most: 100_000),
                self::merged(),
            ],
            Thing::OptionValue => [
                new Field('option', FieldType::One, 'option', true, Thing::Option),
                new Field('label', FieldType::Line, 'name', true, most: 80),
                new Field('swatch', FieldType::Colour, 'colour'),
                new Field('position', FieldType::Count, 'place', true, most: 100_000),
                self::merged(),
            ],
            Thing::Picture => [
                new Field('alt', FieldType::Line, 'words instead', most: 300),
                new Field('focusX', FieldType::Count, 'what matters, across', true, most: 4),
                new Field('focusY', FieldType::Count, 'what matters, down', true, most: 4),
            ],
        };
    }

    /** @return list<Field> of what has a page with a picture and words */
    private static function shown(): array
    {
        return [
            new Field('description', FieldType::Text, 'description', most: 5_000),
            new Field('picture', FieldType::One, 'picture', names: Thing::Picture),
            ...self::searched(),
            self::merged(),
        ];
    }

    /** Of the products of a category, or of a collection by rule: those that come first. */
    private static function order(): Field
    {
        return new Field('order', FieldType::Ordered, 'own order', names: Thing::Product, most: self::MOST_PLACED);
    }

    private static function merged(): Field
    {
        return new Field('mergedFrom', FieldType::Merged, 'what was merged into it', most: 1_000);
    }

    /** @return list<Field> what search engines are told instead of title and description */
    private static function searched(): array
    {
        return [
            new Field('searchTitle', FieldType::Line, 'title for search engines', most: 200),
            new Field('searchDescription', FieldType::Line, 'words for search engines', most: 500),
        ];
    }
}
