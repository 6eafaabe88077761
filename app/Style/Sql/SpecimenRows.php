<?php

declare(strict_types=1);

namespace Vestibra\App\Style\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * Pages that show much of a house style: the first that is on sale, has reviews, or is full. It looks at one product
 * after another until one fits.
 */
final class SpecimenRows
{
    public static function category(): ?stdClass
    {
        return Database::row(
            'select c.slug, c.name from categories c join category_product cp on cp.category_id = c.id group by c.id '
                .'order by count(*) desc limit 1',
        );
    }

    public static function product(): ?stdClass
    {
        $onSale = 'exists (select 1 from variants v where v.product_id = p.id and v.sale_price is not null)';
        $reviewed = 'p.id in (select product_id from reviews)';
        foreach (["$reviewed and $onSale", $onSale, $reviewed, '1'] as $wanted) {
            $first = Database::row(
                "select p.slug, p.title from products p where +p.published = 1 and $wanted order by p.id limit 1",
            );
            if ($first !== null) {
                return $first;
            }
        }

        return null;
    }

    /** @return list<stdClass> three lines as in a cart: title, file and price */
    public static function cart(): array
    {
        return Database::rows(
            'select p.title, (select min(i.file) from product_pictures x join pictures i on i.id = x.picture_id where '
                .'x.product_id = p.id) as file, (select min(v.price) from variants v where v.product_id = p.id) as '
                .'price from products p where +p.published = 1 and exists (select 1 from product_pictures x where '
                .'x.product_id = p.id) and exists (select 1 from variants v where v.product_id = p.id) order by p.id '
                .'limit 3',
        );
    }
}
