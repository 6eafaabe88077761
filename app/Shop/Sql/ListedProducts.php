<?php

declare(strict_types=1);

namespace Vestibra\App\Shop\Sql;

use DateTimeImmutable;
use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\App\Records\Catalogue\Sql\SellingSql;
use Vestibra\Core\Selling\ListSort;

/**
 * A page of a list in an order that the figures choose. Orders by title, age and lowest price walk an index; others
 * look at all that the list holds.
 */
final class ListedProducts
{
    /** @return list<stdClass> */
    public static function some(Sql $where, string $order, ?int $without, int $most): array
    {
        return Database::rows(
            "select p.id from products p where p.published = 1 and p.id <> ? and ($where->text) order by $order, "
                .'p.id limit ?',
            [$without ?? 0, ...$where->bindings, $most],
        );
    }

    /** @return list<stdClass> */
    public static function page(string $held, string $order, int $most, int $from): array
    {
        return Database::rows(
            "select p.id from products p where p.published = 1 and $held order by $order, p.id limit ? offset ?",
            [$most, $from],
        );
    }

    /**
     * @param  list<int>  $ids
     * @return list<stdClass>
     */
    public static function pictures(PagesOfKind $pages, array $ids): array
    {
        return Database::rows(
            "select x.id as of, pictures.* from {$pages->table()} x join pictures on pictures.id = "
                .'x.picture_id where x.id in ('.implode(',', $ids).')',
        );
    }

    /** The order of products called `p`, as `Core\Selling\ListSort` says it; equals stand by their number. */
    public static function order(ListSort $sort, DateTimeImmutable $at): string
    {
        $moment = SellingSql::moment($at);

        return match ($sort) {
            ListSort::Newest => 'p.added_at desc',
            ListSort::Title => 'p.title_order',
            ListSort::Cheap => SellingSql::lowest($moment).' nulls last',
            ListSort::Dear => SellingSql::lowest($moment).' desc nulls last',
            ListSort::Rated => 'best_rated(p.review_count, p.star_sum) desc, p.review_count desc',
            ListSort::Saving => SellingSql::saving($moment).' desc nulls last',
        };
    }
}
