<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * Categories, collections, brands and tags as pages, with how many products each has. By keys; the counts in step with
 * the products of those that are asked for.
 */
final class AssortmentRows
{
    /**
     * @param  list<scalar>  $bindings
     */
    public static function one(string $columns, string $where, array $bindings, string|int $value): ?stdClass
    {
        return Database::row($columns.$where, [...$bindings, $value]);
    }

    /**
     * @return list<stdClass>
     */
    public static function near(string $table, string $list, string $kinship): array
    {
        return Database::rows(
            "select p.id from {$table} p where p.id not in ($list) order by (select min({$kinship}) "
                ."from {$table} q where q.id in ($list)), p.id limit 500",
        );
    }

    /**
     * @param  list<int>  $ids
     * @return list<stdClass>
     */
    public static function rows(string $table, array $ids): array
    {
        return Database::rows(
            "select p.id, p.name, p.slug, pictures.file from {$table} p left join pictures on pictures.id = "
                .'p.picture_id where p.id in ('.implode(',', $ids).')',
        );
    }

    /**
     * @param  list<int>  $ids
     * @return list<stdClass>
     */
    public static function several(string $columns, array $ids): array
    {
        return Database::rows($columns.'p.id in ('.implode(',', $ids).')');
    }

    public static function collection(string $where, string|int $value): mixed
    {
        return Database::value("select p.id from collections p where $where", [$value]);
    }

    /**
     * How many of the products that `p` holds customers see: gathered first, not looked for one of the shop at a time.
     */
    public static function gathered(string $id, string $from, string $where): string
    {
        return "(select count(*) from (select distinct $id as id from $from where $where) held cross join products x "
            .'on x.id = held.id where x.published = 1)';
    }

    /** The products that a page `p` holds. */
    public static function held(string $id, string $table, string $from, string $where): string
    {
        return "select $id from $table p cross join $from where $where";
    }

    public static function among(string $held): string
    {
        return "(select count(*) from products x where x.published = 1 and x.id in ($held))";
    }

    /** The products of a collection by rule. */
    public static function byRule(string $rule): string
    {
        return "select p.id from products p where $rule";
    }

    public static function countByRule(string $rule): string
    {
        return "(select count(*) from products p where p.published = 1 and $rule)";
    }

    /** The place of a product in a collection by hand. */
    public static function picked(int $collection): string
    {
        return "(select own.position from collection_product own where own.collection_id = $collection and "
            .'own.product_id = p.id)';
    }

    /** What is read of a page, up to its condition. */
    public static function columns(string $count, string $missing, string $ordered, string $table): string
    {
        return 'select p.id as subject_id, p.name, p.slug, p.description, p.search_title, p.search_description, '
            ."pictures.*, $count as products, $missing as is_counted, $ordered as is_ordered from $table p left join "
            .'pictures on pictures.id = '
            .'p.picture_id where ';
    }
}
