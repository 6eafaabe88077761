<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Filters\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * Products packed for filters, a few thousand to a row: read as they are, made anew one pack at a time. In step with
 * the number of packs; what is stale is found by its index.
 */
final class StoredPacks
{
    /**
     * @return list<stdClass>
     */
    public static function packs(): array
    {
        return Database::rows('select pack, products, variants from filter_packs order by pack');
    }

    /**
     * @param  list<string>  $filters
     * @return list<stdClass>
     */
    public static function bits(array $filters): array
    {
        return Database::rows(
            'select pack, filter, bits from filter_bits where filter in ('
                .implode(',', array_fill(0, count($filters), '?'))
                .')',
            $filters,
        );
    }

    /**
     * Products that changed since they were packed, or whose sale began or ended.
     *
     * @return list<stdClass>
     */
    public static function changed(string $now): array
    {
        $packed = '(select min(at) from filter_packs)';
        $latest = '(select max(at) from filter_packs)';
        $between = static fn (string $column): string => "select product_id from variants where $column is not null "
            ."and $column > min($packed, ?) and $column <= max($latest, ?)";

        return Database::rows(
            "select product_id from filter_stale union {$between('sale_from')} union {$between('sale_until')}",
            [$now, $now, $now, $now],
        );
    }

    /**
     * Products of which something holds.
     *
     * @param  list<scalar>  $bindings
     * @return list<stdClass>
     */
    public static function held(string $where, array $bindings): array
    {
        return Database::rows("select p.id from products p where $where", $bindings);
    }

    /**
     * @param  string  $products  the ids of the pack's products
     * @param  string  $variants  for each of its variants, the product
     * @param  array<string>  $bits  by filter
     */
    public static function replace(int $pack, string $now, string $products, string $variants, array $bits): void
    {
        Database::run('delete from filter_bits where pack = ?', [$pack]);
        Database::run('delete from filter_packs where pack = ?', [$pack]);
        Database::run(
            'insert into filter_packs (pack, at, products, variants) values (?, ?, ?, ?)',
            [$pack, $now, $products, $variants],
        );
        foreach ($bits as $filter => $some) {
            Database::run('insert into filter_bits (pack, filter, bits) values (?, ?, ?)', [$pack, $filter, $some]);
        }
    }

    /** What is packed of these products is as they are. */
    public static function fresh(int $from, int $to): void
    {
        Database::run('delete from filter_stale where product_id between ? and ?', [$from, $to]);
    }
}
