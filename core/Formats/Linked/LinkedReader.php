<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Linked;

use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Problem;

/**
 * Reads products from schema.org JSON-LD that comes from anywhere (already decoded). Addresses of the context are not
 * followed: `schema:`, `http://schema.org/` and no prefix mean the same. What is not known is left alone.
 *
 * @phpstan-type Sold array{sku: string, barcode: string, price: string, was: string, currency: string, stock: int|null,
 *     values: array<string, string>}
 * @phpstan-type Read array{name: string, slug: string, short: string, text: string, brand: string,
 *     categories: list<string>, tags: list<string>, pictures: list<string>, facts: array<string, list<string>>,
 *     variants: list<Sold>}
 *
 * @api
 */
final class LinkedReader
{
    private const DEEPEST = 8;

    /** @return list<Read>|Problem */
    public static function read(mixed $document): array|Problem
    {
        $products = [];
        foreach (self::nodes($document, 0) as $node) {
            $read = self::product($node);
            $read['name'] === '' || $products[] = $read;
        }

        return $products === [] ? FileFormatProblem::NotALinkedDocument->at() : $products;
    }

    /** @return list<array<array-key, mixed>> the products and groups of products */
    private static function nodes(mixed $document, int $depth): array
    {
        if (! is_array($document) || $depth > self::DEEPEST) {
            return [];
        }
        if (array_intersect(self::types($document), ['Product', 'ProductGroup']) !== []) {
            return [$document];
        }
        $inside = array_is_list($document) ? $document : [
            $document['@graph'] ?? null, $document['mainEntity'] ?? null, $document['itemListElement'] ?? null,
            $document['item'] ?? null,
        ];

        return array_merge([], ...array_map(static fn (mixed $one): array => self::nodes($one, $depth + 1), $inside));
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @return Read
     */
    private static function product(array $node): array
    {
        $address = self::text($node, 'url') ?: self::text($node, '@id');
        $variants = array_filter(self::list($node['hasVariant'] ?? []), is_array(...));
        $description = self::text($node, 'description');

        return [
            'name' => self::text($node, 'name'),
            'slug' => rawurldecode(basename((string) parse_url($address, PHP_URL_PATH))),
            'short' => self::text($node, 'disambiguatingDescription'),
            'text' => $description,
            'brand' => is_array($node['brand'] ?? null)
                ? self::text($node['brand'], 'name')
                : self::text($node, 'brand'),
            'categories' => array_values(
                array_filter(array_map(trim(...), explode('>', self::text($node, 'category')))),
            ),
            'tags' => is_string($node['keywords'] ?? null)
                ? array_values(array_filter(array_map(trim(...), explode(',', $node['keywords']))))
                : self::texts($node['keywords'] ?? []),
            'pictures' => array_values(array_filter(array_map(
                static fn (mixed $one): string =>
                    is_array($one) ? self::text($one, 'url') : (is_string($one) ? $one : ''),
                self::list($node['image'] ?? []),
            ))),
            'facts' => array_map(
                static fn (mixed $value): array => self::texts(self::list($value)),
                self::properties($node),
            ),
            'variants' => array_values(array_map(self::sold(...), $variants === [] ? [$node] : $variants)),
        ];
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @return Sold
     */
    private static function sold(array $node): array
    {
        $offers = self::list($node['offers'] ?? []);
        $offer = is_array($offers[0] ?? null) ? $offers[0] : [];
        $level = is_array($offer['inventoryLevel'] ?? null) ? $offer['inventoryLevel']['value'] ?? null : null;
        $before = is_array($offer['priceSpecification'] ?? null)
            && str_ends_with(self::text($offer['priceSpecification'], 'priceType'), 'StrikethroughPrice')
            ? self::text($offer['priceSpecification'], 'price')
            : '';

        return [
            'sku' => self::text($node, 'sku') ?: self::text($node, 'mpn'),
            'barcode' => self::text($node, 'gtin13') ?: self::text($node, 'gtin'),
            'price' => self::text($offer, 'price') ?: self::text($offer, 'lowPrice'),
            'was' => $before,
            'currency' => self::text($offer, 'priceCurrency'),
            'stock' => match (true) {
                is_int($level) => max(0, $level),
                in_array(
                    self::bare(self::text($offer, 'availability')),
                    ['OutOfStock', 'SoldOut', 'Discontinued'],
                    true,
                ) => 0,
                default => null,
            },
            'values' => array_map(
                static fn (mixed $value): string => self::texts(self::list($value))[0] ?? '',
                self::properties($node),
            ),
        ];
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @return array<string, mixed> by name
     */
    private static function properties(array $node): array
    {
        $properties = [];
        foreach (array_filter(self::list($node['additionalProperty'] ?? []), is_array(...)) as $one) {
            $name = self::text($one, 'name');
            if ($name !== '') {
                $properties[$name] = $one['value'] ?? null;
            }
        }

        return $properties;
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @return list<string>
     */
    private static function types(array $node): array
    {
        return array_map(self::bare(...), self::texts(self::list($node['@type'] ?? [])));
    }

    private static function bare(string $name): string
    {
        return (string) preg_replace('#^(?:https?://schema\.org/|schema:)#', '', $name);
    }

    /** @param  array<array-key, mixed>  $node */
    private static function text(array $node, string $key): string
    {
        $value = $node[$key] ?? $node["schema:$key"] ?? '';
        if (is_array($value)) {
            $value = $value['@value'] ?? $value[0] ?? '';
        }

        return is_scalar($value) ? trim(mb_scrub((string) $value)) : '';
    }

    /** @return list<mixed> */
    private static function list(mixed $value): array
    {
        return is_array($value) && array_is_list($value) ? $value : [$value];
    }

    /** @return list<string> */
    private static function texts(mixed $list): array
    {
        return array_values(array_map(
            static fn (bool|float|int|string $one): string =>
                is_bool($one) ? ($one ? 'yes' : 'no') : trim(mb_scrub((string) $one)),
            array_filter(self::list($list), static fn (mixed $one): bool => is_scalar($one) && $one !== ''),
        ));
    }
}
