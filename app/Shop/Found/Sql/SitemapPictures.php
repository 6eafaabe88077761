<?php

declare(strict_types=1);

namespace Vestibra\App\Shop\Found\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Reach\Kinds\PagesOfKind;

/**
 * The pictures of the pages of one part of a sitemap: by keys, in step with the part.
 */
final class SitemapPictures
{
    /**
     * @return list<stdClass>
     */
    public static function of(string $kind, string $list, PagesOfKind $pages): array
    {
        return Database::rows($kind === 'product'
            ? 'select x.product_id as id, i.file from product_pictures x join pictures i on i.id = x.picture_id where '
                ."x.product_id in ($list) order by x.product_id, x.position"
            : "select p.id, i.file from {$pages->table()} p join pictures i on i.id = p.picture_id "
                ."where p.id in ($list)");
    }
}
