<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Catalogue;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use LogicException;

/**
 * A row of a table that links two things of the catalogue: which products are filed in a category, in which order they
 * stand there, what was merged into what, which words a title has.
 */
final class Link extends Model
{
    private const TABLES = [
        'category_product', 'product_tag', 'product_pictures', 'collection_product', 'variant_values',
        'category_order', 'collection_order',
        'merged_brands', 'merged_categories', 'merged_collections', 'merged_option_values', 'merged_options',
        'merged_tags', 'title_words',
    ];

    protected $primaryKey = null;

    public $incrementing = false;

    public $timestamps = false;

    protected $guarded = [];

    /** @return list<string> */
    public static function tables(): array
    {
        return self::TABLES;
    }

    /**
     * @return Builder<self>
     *
     * @throws LogicException when it is no table of links
     */
    public static function in(string $table): Builder
    {
        if (! in_array($table, self::TABLES, true)) {
            throw new LogicException("“{$table}” is no table of links.");
        }

        return (new self)->setTable($table)->newQuery();
    }
}
