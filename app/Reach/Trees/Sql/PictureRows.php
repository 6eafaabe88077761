<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Trees\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * Products on which a picture stands, in their galleries or as a fact: by indexes, at most fifty.
 */
final class PictureRows
{
    /**
     * @return list<stdClass>
     */
    public static function products(int $id): array
    {
        return Database::rows(
            'select p.id, p.title, p.slug from product_pictures x join products p on p.id = x.product_id where '
                .'x.picture_id = ?1 union select p.id, p.title, p.slug from fact_values v join facts f on f.id = '
                .'v.fact_id and f.kind = \'picture\' join products p on p.id = v.product_id where v.number = ?1 '
                .'order by 2 limit 50',
            [$id],
        );
    }
}
