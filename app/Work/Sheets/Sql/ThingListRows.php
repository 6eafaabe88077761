<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\Core\Catalogue\Changing\Thing;

/**
 * The owner’s lists of categories, brands and the like, with how many products each has. Words in a name read the list;
 * counts are made for one page of it.
 */
final class ThingListRows
{
    /** How many each holds, for a row called `t`. */
    public const COUNTS = [
        'category' => '(select count(distinct h.product_id) from categories d join category_product h on '
            .'h.category_id = d.id where d.lower between t.lower and t.upper)',
        'collection' => '(select count(*) from collection_product h where h.collection_id = t.id)',
        'brand' => '(select count(*) from products h where h.brand_id = t.id)',
        'tag' => '(select count(*) from product_tag h where h.tag_id = t.id)',
        'option' => '(select count(*) from option_values h where h.option_id = t.id)',
    ];

    /**
     * @param  list<scalar>  $bindings
     */
    public static function total(string $table, string $where, array $bindings): mixed
    {
        return Database::value("select count(*) from $table t where $where", $bindings);
    }

    /**
     * @param  list<scalar>  $bindings
     * @return list<stdClass>
     */
    public static function page(
        string $count,
        Thing $thing,
        string $table,
        string $where,
        string $folded,
        array $bindings,
        int $size,
        int $page,
    ): array {
        return Database::rows(
            'select t.*, '.$count.' as count, '
            .(
                $thing === Thing::Category
                    ? '(select count(*) from categories a where t.lower between a.lower and a.upper)'
                    : '1'
            ).' as depth, '
            .($thing === Thing::Option ? 'null' : '(select file from pictures where pictures.id = t.picture_id)')
            ." as file from $table t where $where order by "
            .match ($thing) {
                Thing::Category => 't.lower',
                Thing::Option => 't.position, t.id',
                default => "t.$folded, t.id",
            }.' limit ? offset ?',
            [...$bindings, $size, ($page - 1) * $size],
        );
    }

    public static function productsBeneath(int $id): mixed
    {
        return Database::value(
            'select count(distinct h.product_id) from category_product h join categories b on b.id = '
                .'h.category_id join categories t on b.lower between t.lower and t.upper where t.id = ?',
            [$id],
        );
    }
}
