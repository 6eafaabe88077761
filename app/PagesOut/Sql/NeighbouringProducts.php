<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * The products before and after one in its category, by title. One walk along the index of titles in each direction.
 */
final class NeighbouringProducts
{
    public static function beside(string $before, string $order, ?int $category, int $id): ?stdClass
    {
        return Database::row(
            'select p.id, p.title, p.slug from products p join category_product c on c.product_id = p.id'
            ." where c.category_id = ? and p.published = 1 and (p.title_order, p.id) $before (select title_order, id "
            .'from products where id = ?)'
            ." order by p.title_order $order, p.id $order limit 1",
            [$category, $id],
        );
    }
}
