<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Catalogue\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * How many products stand in categories or anywhere beneath them: by the bounds of the tree, in one query. In step with
 * how many are filed there.
 */
final class CategoryRows
{
    /**
     * With how many products are filed in each or beneath it.
     *
     * @return list<stdClass>
     */
    public static function beneath(?int $id): array
    {
        return Database::rows(
            'select c.name, c.slug, c.description, '
                .KeptCounts::of('category', 'c.id', '(select count(distinct h.product_id) from categories d join '
                    .'category_product h on h.category_id = d.id join products x on x.id = h.product_id where '
                    .'x.published = 1 and d.lower between c.lower and c.upper)')
                .' as products, '
                .KeptCounts::isMissing('category', 'c.id')
                .' as is_counted, pictures.*'
            .' from categories c left join pictures on pictures.id = c.picture_id where c.parent_id is ? order by '
            .'c.position, c.id',
            [$id],
        );
    }

    /**
     * @return list<stdClass>
     */
    public static function productsBeneath(string $list): array
    {
        return Database::rows(
            'select distinct h.product_id as id from category_product h join categories d on d.id = '
                ."h.category_id join categories c on d.lower between c.lower and c.upper where c.id in ($list)",
        );
    }
}
