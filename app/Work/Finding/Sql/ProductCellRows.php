<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Finding\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/** Brand, category, prices and stock of the products of one page: each by its number, in one query. */
final class ProductCellRows
{
    /**
     * @param  non-empty-list<int>  $ids
     * @return list<stdClass>
     */
    public static function of(array $ids): array
    {
        return Database::rows(
            'select p.id, p.published, b.name as brand, c.name as category, count(v.id) as variants,'
                .' min(v.price) as low, max(v.price) as high,'
                .' case when count(v.id) = count(v.stock) then sum(v.stock) end as stock'
                .' from products p left join brands b on b.id = p.brand_id'
                .' left join categories c on c.id = p.main_category_id left join variants v on v.product_id = p.id'
                .' where p.id in ('.implode(',', $ids).') group by p.id',
        );
    }
}
