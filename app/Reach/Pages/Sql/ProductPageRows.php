<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * Products as rows of a list, by their keys; and those that are like some: at most twenty thousand links are followed.
 */
final class ProductPageRows
{
    /**
     * Those that share categories, tags or a brand, the most alike first.
     *
     * @return list<stdClass>
     */
    public static function near(string $list): array
    {
        return Database::rows(
            'select product_id, count(*) as shared from ('
            .'select b.product_id from category_product a join category_product b on b.category_id = a.category_id '
            ."where a.product_id in ($list)"
            .' union all select b.product_id from category_product a join categories c on c.id = a.category_id join '
            .'categories s on s.parent_id = c.parent_id'
            ." join category_product b on b.category_id = s.id where a.product_id in ($list)"
            .' union all select b.product_id from product_tag a join product_tag b on b.tag_id = a.tag_id where '
            ."a.product_id in ($list)"
            ." union all select b.id from products a join products b on b.brand_id = a.brand_id where a.id in ($list)"
            .' limit 20000) near join products p on p.id = near.product_id where p.published = 1 group by product_id '
            .'order by shared desc, product_id limit 500',
        );
    }

    /**
     * @param  list<int>  $ids
     * @return list<stdClass>
     */
    public static function rows(array $ids): array
    {
        return Database::rows(
            'select p.id, p.title, p.slug, (select file from product_pictures pp join pictures on pictures.id = '
                .'pp.picture_id'
            .' where pp.product_id = p.id order by pp.position limit 1) as file from products p where p.id in ('
            .implode(',', $ids)
            .')',
        );
    }
}
