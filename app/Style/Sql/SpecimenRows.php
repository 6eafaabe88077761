<?php

declare(strict_types=1);

namespace Vestibra\App\Style\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * Pages that show much of a house style: the first that is on sale, has reviews, or is full. It looks at the index of
 * products until one fits.
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
                "select p.slug, p.title from products p where p.published = 1 and $wanted order by p.id limit 1",
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
            'select p.title, min(i.file) as file, min(v.price) as price from products p join product_pictures x on '
                .'x.product_id = p.id join pictures i on i.id = x.picture_id join variants v on v.product_id = p.id '
                .'where p.published = 1 group by p.id order by p.id limit 3',
        );
    }
}
