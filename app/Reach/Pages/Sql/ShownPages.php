<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Reach\Kinds\PagesOfKind;

/**
 * The pages of a kind that customers can see: counted, and walked by number. Walking uses the key; counting is in step
 * with their number.
 */
final class ShownPages
{
    /**
     * By name.
     */
    public static function first(PagesOfKind $pages): mixed
    {
        return Database::value(
            "select p.id from {$pages->table()} p where {$pages->shown()} order by {$pages->title()}, p.id limit 1",
        );
    }

    /**
     * @return list<stdClass>
     */
    public static function after(PagesOfKind $pages, int $most, int $last): array
    {
        return Database::rows(
            "select p.id, p.slug from {$pages->table()} p where p.id > ? and {$pages->shown()} order by p.id limit "
                .$most,
            [$last],
        );
    }

    public static function at(PagesOfKind $pages, int $from): mixed
    {
        return Database::value(
            "select p.id from {$pages->table()} p where {$pages->shown()} order by p.id limit 1 offset ".($from - 1),
        );
    }

    public static function count(PagesOfKind $pages): mixed
    {
        return Database::value("select count(*) from {$pages->table()} p where {$pages->shown()}");
    }

    /**
     * @return list<stdClass>
     */
    public static function some(PagesOfKind $pages, int $most): array
    {
        return Database::rows("select id from {$pages->table()} order by id limit ".$most);
    }
}
