<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Catalogue\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * Whole products in five queries, for one or for many: what each has is found by its key, and what is of one sort comes
 * in one union. It grows with how many products are asked for.
 */
final class ProductParts
{
    private const PRODUCTS = 'select products.*, brands.name as brand_name, brands.slug as brand_slug from products'
        .' left join brands on brands.id = products.brand_id where ';

    /** @return list<stdClass> */
    public static function pictures(string $ids): array
    {
        return Database::rows(
            'select product_id, pictures.* from product_pictures join pictures on pictures.id = picture_id'
            ." where product_id in ($ids) order by position",
        );
    }

    /** @return list<stdClass> */
    public static function variants(string $ids): array
    {
        return Database::rows(
            "select * from variants where product_id in ($ids) and published = 1 order by position, id",
        );
    }

    /** @return list<stdClass> */
    public static function options(string $ids): array
    {
        return Database::rows(
            'select variants.product_id, x.variant_id, options.id, options.name, v.id as value_id, v.label, v.swatch '
                .'from variants'
            .' join variant_values x on x.variant_id = variants.id join options on options.id = x.option_id'
            ." join option_values v on v.id = x.option_value_id where variants.product_id in ($ids) and "
            .'variants.published = 1'
            .' order by options.position, options.id, v.position, v.id',
        );
    }

    /** @return list<stdClass> */
    public static function memberships(string $ids): array
    {
        return Database::rows(
            "select product_id, 'category' as what, category_id as id, '' as name, '' as kind, '' as unit, 0 as "
                ."decimals, '' as written from category_product where product_id in ($ids)"
            ." union all select product_id, 'collection', c.id, c.name, '', '', 0, '' from collection_product cp "
            ."join collections c on c.id = cp.collection_id where cp.product_id in ($ids)"
            ." union all select product_id, 'tag', tags.id, tags.name, '', '', 0, '' from product_tag join tags on "
            ."tags.id = tag_id where product_id in ($ids)"
            ." union all select v.product_id, 'fact', f.id, f.name, f.kind, f.unit, f.decimals, v.written from "
            ."(select * from fact_values where product_id in ($ids) order by position) v"
            .' join facts f on f.id = v.fact_id order by 3',
        );
    }

    /**
     * @param  list<int>  $ids
     * @return list<stdClass>
     */
    public static function several(array $ids): array
    {
        return Database::rows(self::PRODUCTS.'products.id in ('.implode(',', $ids).')');
    }

    /** @return list<stdClass> */
    public static function bySlug(string $slug): array
    {
        return Database::rows(self::PRODUCTS.'products.slug = ?', [$slug]);
    }
}
