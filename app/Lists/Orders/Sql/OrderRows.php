<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Orders\Sql;

use DateTimeImmutable;
use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Lists\Orders\KeptOrder;
use Vestibra\App\Records\Catalogue\Sql\AwkwardSql;
use Vestibra\App\Records\Catalogue\Sql\SellingSql;

/**
 * What orders go by, of products that customers can see: kept beside them, so that a page of a long list walks an
 * index. Written in step with how many changed; a page in step with how deep it lies.
 */
final class OrderRows
{
    /** The last moment that something was kept as of; null: nothing is kept. */
    public static function at(): ?string
    {
        $at = Database::value('select at from kept_orders_state');

        return is_string($at) ? $at : null;
    }

    /**
     * Products that changed since, and those whose prices are others by the clock.
     *
     * @return list<int>
     */
    public static function stale(DateTimeImmutable $now): array
    {
        return array_map(intval(...), array_column(Database::rows(
            'select product_id as id from stale_orders union select id from kept_orders where until <= '
                .SellingSql::moment($now),
        ), 'id'));
    }

    /** @param  string  $which  products, as what follows their number: `in (1, 2)` */
    public static function keep(string $which, DateTimeImmutable $now): void
    {
        $moment = SellingSql::moment($now);
        $turns = array_map(
            static fn (string $column): string => "select $column as turn from variants where product_id = p.id and "
                ."published = 1 and $column > $moment",
            ['sale_from', 'sale_until'],
        );
        Database::run("delete from kept_orders where id $which");
        Database::run(
            'insert into kept_orders (id, '
                .implode(', ', array_keys(self::columns($moment)))
                .', until) select p.id, '
                .implode(', ', self::columns($moment))
                .', (select min(turn) from ('
                .implode(' union all ', $turns)
                .")) from products p where p.published = 1 and p.id $which",
        );
        Database::run("delete from stale_orders where product_id $which");
    }

    /** From here on what is kept counts. */
    public static function keepAt(DateTimeImmutable $at): void
    {
        Database::run('delete from kept_orders_state');
        Database::run('insert into kept_orders_state (at) values ('.SellingSql::moment($at).')');
    }

    public static function last(): int
    {
        return (int) Database::value(
            'select max(id) from (select max(id) as id from products union select max(id) from kept_orders)',
        );
    }

    /** @return list<stdClass> what is kept otherwise than it would be by now */
    public static function wrong(DateTimeImmutable $now): array
    {
        $other = [];
        foreach (self::columns(SellingSql::moment($now)) as $column => $anew) {
            $other[] = "k.$column is not ($anew)";
        }

        return Database::rows(
            'select p.id from products p left join kept_orders k on k.id = p.id where (p.published = 1) <> (k.id is '
                .'not null) or (p.published = 1 and ('.implode(' or ', $other).')) '
            .'union select k.id from kept_orders k where k.id not in (select id from products)',
        );
    }

    /**
     * A page of products, of which those that are stale are looked at by themselves.
     *
     * @param  string  $held  SQL, which products called `p` the list holds
     * @param  list<int>  $stale
     * @return list<stdClass>
     */
    public static function page(
        KeptOrder $order,
        string $held,
        array $stale,
        DateTimeImmutable $now,
        int $most,
        int $from,
    ): array {
        $columns = $order->columns();
        $kept = 'select p.id as id, p.'.implode(', p.', $columns)." from kept_orders p where $held";
        if ($stale !== []) {
            $ids = implode(',', $stale);
            $anew = array_intersect_key(self::columns(SellingSql::moment($now)), array_flip($columns));
            // Two that are in order are merged; what stands first is not gathered before.
            $kept .= " and p.id not in ($ids) union all select p.id, ".implode(', ', $anew)
                ." from products p where p.published = 1 and p.id in ($ids) and $held";
        }

        return Database::rows("$kept order by {$order->sql()}, id limit ? offset ?", [$most, $from]);
    }

    /** @return array<string, string> SQL of what is kept of products called `p`, by column */
    private static function columns(string $moment): array
    {
        return [
            'lowest' => SellingSql::lowest($moment),
            'saving' => SellingSql::saving($moment),
            'rating' => 'best_rated(p.review_count, p.star_sum)',
            'reviews' => 'p.review_count',
            'awkward' => $awkward = AwkwardSql::count(AwkwardSql::tests($moment)),
            'ordinary' => "($awkward = 0 and ".AwkwardSql::ORDINARY.')',
            'title' => 'p.title_folded',
        ];
    }
}
