<?php

declare(strict_types=1);

namespace Vestibra\App\Shop\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\Core\Selling\Search\Query;

/**
 * What is offered while somebody types: categories by the beginnings of their words (all are looked at, a few hundred),
 * products by their keys.
 */
final class SuggestedRows
{
    /**
     * @param  list<int>  $ids
     * @return list<stdClass>
     */
    public static function products(array $ids): array
    {
        return Database::rows(
            'select p.id, p.title, p.slug, (select i.file from product_pictures x join pictures i on i.id = '
                .'x.picture_id where x.product_id = p.id order by x.position limit 1) as file'
            .' from products p where p.id in ('.implode(',', $ids).')',
        );
    }

    /**
     * @return list<stdClass>
     */
    public static function categories(string $where, int $most, Query $query): array
    {
        return Database::rows(
            "select name, slug from categories where $where order by upper - lower desc, id limit "
                .$most,
            $query->words,
        );
    }
}
