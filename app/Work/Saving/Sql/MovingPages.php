<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\Core\Pages\PageKind;

/**
 * Which template each page had before a change and has after it, in two tables of the connection. Only pages that the
 * change can reach are asked.
 */
final class MovingPages
{
    public static function gone(PagesOfKind $pages, PageKind $kind): mixed
    {
        return Database::value(
            "select count(*) from moving m where m.page_kind = ? and not exists (select 1 from {$pages->table()} "
                ."p where p.id = m.page_id and {$pages->shown()})",
            [$kind->value],
        );
    }

    /**
     * @return list<stdClass>
     */
    public static function groups(int $most, PageKind $kind): array
    {
        return Database::rows(
            'select * from (select m.template_id as before_id, w.template_id as after_id, w.page_id, count(*) over '
                .'(partition by m.template_id, w.template_id) as count,'
            .' row_number() over (partition by m.template_id, w.template_id order by w.page_id) as place from moved w'
            .' left join moving m on m.page_kind = w.page_kind and m.page_id = w.page_id where w.page_kind = ? and '
            .'m.template_id is not w.template_id) where place <= '
            .$most
            .' order by count desc, before_id, after_id, place',
            [$kind->value],
        );
    }

    public static function clear(string $table): void
    {
        Database::run("delete from $table");
    }

    public static function make(string $table): void
    {
        Database::run(
            "create temp table if not exists $table (page_kind text not null, page_id integer not null, "
                .'template_id integer not null, primary key (page_kind, page_id)) without rowid',
        );
    }

    public static function fill(string $table, PageKind $kind, Sql $winners): void
    {
        Database::run(
            "insert into $table select '$kind->value', page_id, template_id from ($winners->text)",
            $winners->bindings,
        );
    }

    /**
     * @return list<stdClass>
     */
    public static function few(PagesOfKind $pages, Sql $among, int $most): array
    {
        return Database::rows(
            "select p.id from {$pages->table()} p where likely({$pages->shown()}) and ($among->text) limit "
                .($most + 1),
            $among->bindings,
        );
    }
}
