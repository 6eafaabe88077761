<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Ground\Sql\Sql;

/**
 * The owner’s list of products, narrowed by a sentence. An order by title, price or age walks its index; what has to be
 * asked of every product is in step with their number.
 */
final class ProductListRows
{
    /**
     * @return list<stdClass>
     */
    public static function asked(string $query): array
    {
        return Database::rows($query);
    }

    /**
     * @param  list<int>  $ids
     * @return list<stdClass>
     */
    public static function rows(array $ids): array
    {
        return Database::rows(
            'select p.id, p.title, p.slug, p.published, b.name as brand, c.name as category,'
            .' (select file from product_pictures x join pictures on pictures.id = x.picture_id where x.product_id = '
            .'p.id order by x.position limit 1) as file,'
            .' (select count(*) from variants v where v.product_id = p.id) as variants,'
            .' (select min(v.price) from variants v where v.product_id = p.id) as low, (select max(v.price) from '
            .'variants v where v.product_id = p.id) as high,'
            .' (select case when count(*) = count(v.stock) then sum(v.stock) end from variants v where v.product_id '
            .'= p.id) as stock'
            .' from products p left join brands b on b.id = p.brand_id left join categories c on c.id = '
            .'p.main_category_id where p.id in ('.implode(',', $ids).')',
        );
    }

    public static function total(Sql $where): mixed
    {
        return Database::value("select count(*) from products p where $where->text", $where->bindings);
    }

    /**
     * What has to be asked of every product is asked once, for the rows and for their number.
     *
     * @return list<stdClass>
     */
    public static function narrow(string $column, Sql $where, string $down, int $most, int $from): array
    {
        return Database::rows(
            "with found as materialized (select p.id, p.$column as place from products p where $where->text) select "
                ."id, (select count(*) from found) as total from found order by place$down, id$down limit ? offset ?",
            [...$where->bindings, $most, $from],
        );
    }

    /**
     * @return list<stdClass>
     */
    public static function page(Sql $where, string $column, string $down, int $most, int $from): array
    {
        return Database::rows(
            "select p.id from products p where $where->text order by p.$column$down, p.id$down limit ? "
                .'offset ?',
            [...$where->bindings, $most, $from],
        );
    }

    public static function covers(Sql $covers): mixed
    {
        return Database::value(
            "select count(*) from products p where p.published = 1 and $covers->text",
            $covers->bindings,
        );
    }

    /**
     * @return list<stdClass>
     */
    public static function covered(Sql $covers, int $most): array
    {
        return Database::rows(
            "select p.id from products p where p.published = 1 and $covers->text order by p.title_order, p.id "
                .'limit '.$most,
            $covers->bindings,
        );
    }

    public static function held(Sql $holds): mixed
    {
        return Database::value("select count(*) from products p where $holds->text", $holds->bindings);
    }

    /** @return string the products of a list that customers see, in an order */
    public static function inOrder(string $holding, string $order): string
    {
        return "select p.id from products p where p.published = 1 and p.id in ($holding) order by $order, p.id";
    }
}
