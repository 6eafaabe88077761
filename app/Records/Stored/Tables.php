<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Stored;

use Vestibra\Core\Catalogue\Changing\Thing;

/** Where each field of each thing is kept: a column of its table, or a table of links. */
final class Tables
{
    private const SHOWN = [
        'description' => 'description', 'picture' => 'picture_id', 'searchTitle' => 'search_title',
        'searchDescription' => 'search_description',
    ];

    private const COLUMNS = [
        'product' => [
            'title' => 'title', 'slug' => 'slug', 'shortDescription' => 'short_description',
            'description' => 'description', 'published' => 'published',
            'shownFrom' => 'show_from', 'shownUntil' => 'show_until', 'added' => 'added_at', 'brand' => 'brand_id',
            'mainCategory' => 'main_category_id', 'searchTitle' => 'search_title',
            'searchDescription' => 'search_description',
        ],
        'variant' => [
            'product' => 'product_id', 'sku' => 'sku', 'price' => 'price', 'salePrice' => 'sale_price',
            'saleFrom' => 'sale_from', 'saleUntil' => 'sale_until',
            'stock' => 'stock', 'contents' => 'contents', 'picture' => 'picture_id', 'barcode' => 'barcode',
            'published' => 'published', 'position' => 'position',
        ],
        'category' => ['name' => 'name', 'slug' => 'slug', 'parent' => 'parent_id', 'position' => 'position']
            + self::SHOWN,
        'collection' => ['name' => 'name', 'slug' => 'slug', 'rule' => 'rule'] + self::SHOWN,
        'brand' => ['name' => 'name', 'slug' => 'slug'] + self::SHOWN,
        'tag' => ['name' => 'name', 'slug' => 'slug'] + self::SHOWN,
        'option' => ['name' => 'name', 'position' => 'position'],
        'option-value' => ['option' => 'option_id', 'label' => 'label', 'swatch' => 'swatch', 'position' => 'position'],
        'picture' => ['alt' => 'alt', 'focusX' => 'focus_x', 'focusY' => 'focus_y'],
    ];

    /**
     * By thing and field: the table, its column for the thing, its column for what is named, and whether it has an
     * order.
     */
    private const LINKS = [
        'product' => [
            'categories' => ['category_product', 'product_id', 'category_id', false],
            'tags' => ['product_tag', 'product_id', 'tag_id', false],
            'pictures' => ['product_pictures', 'product_id', 'picture_id', true],
        ],
        'variant' => ['values' => ['variant_values', 'variant_id', 'option_value_id', false]],
        'collection' => [
            'products' => ['collection_product', 'collection_id', 'product_id', true],
            'order' => ['collection_order', 'collection_id', 'product_id', true],
            'mergedFrom' => ['merged_collections', 'collection_id', 'merged_id', false],
        ],
        'category' => [
            'order' => ['category_order', 'category_id', 'product_id', true],
            'mergedFrom' => ['merged_categories', 'category_id', 'merged_id', false],
        ],
        'brand' => ['mergedFrom' => ['merged_brands', 'brand_id', 'merged_id', false]],
        'tag' => ['mergedFrom' => ['merged_tags', 'tag_id', 'merged_id', false]],
        'option' => ['mergedFrom' => ['merged_options', 'option_id', 'merged_id', false]],
        'option-value' => ['mergedFrom' => ['merged_option_values', 'option_value_id', 'merged_id', false]],
    ];

    /** What is kept folded beside its original. */
    private const FOLDED = [
        'category' => ['name' => 'name_folded'],
        'collection' => ['name' => 'name_folded'],
        'brand' => ['name' => 'name_folded'],
        'tag' => ['name' => 'name_folded'],
        'option' => ['name' => 'name_folded'],
        'option-value' => ['label' => 'label_folded'],
    ];

    public static function of(Thing $thing): string
    {
        return match ($thing) {
            Thing::Product => 'products',
            Thing::Variant => 'variants',
            Thing::Category => 'categories',
            Thing::Collection => 'collections',
            Thing::Brand => 'brands',
            Thing::Tag => 'tags',
            Thing::Option => 'options',
            Thing::OptionValue => 'option_values',
            Thing::Picture => 'pictures',
        };
    }

    /** @return array<string, string> field => column */
    public static function columns(Thing $thing): array
    {
        return self::COLUMNS[$thing->value];
    }

    /** @return array<string, array{string, string, string, bool}> by field */
    public static function links(Thing $thing): array
    {
        return self::LINKS[$thing->value] ?? [];
    }

    /** @return array<string, string> field => the column of its folded form */
    public static function folded(Thing $thing): array
    {
        return self::FOLDED[$thing->value] ?? [];
    }
}
