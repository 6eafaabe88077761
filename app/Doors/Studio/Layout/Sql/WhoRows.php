<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Layout\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\App\Reach\Rules\KindRules;

/**
 * Who gets what: every page of a kind with the template that it wins, in pages. The winners are computed for all of
 * them, in step with their number; later they are kept.
 */
final class WhoRows
{
    /**
     * Those of some pages that a reach covers.
     *
     * @param  list<int>  $ids
     * @return list<stdClass>
     */
    public static function ruled(KindRules $contest, array $ids, Sql $covers): array
    {
        return Database::rows(
            "select p.id from {$contest->pages->table()} p where p.id in ("
                .implode(',', $ids)
                .") and ($covers->text)",
            $covers->bindings,
        );
    }

    /**
     * @return list<stdClass>
     */
    public static function page(PagesOfKind $pages, Sql $found, int $most, int $from): array
    {
        return Database::rows(
            "select p.id, w.template_id, pin.template_id as pin, {$pages->filed()} as filed $found->text order by "
                ."{$pages->title()}, p.id limit ? offset ?",
            [...$found->bindings, $most, $from],
        );
    }

    public static function count(Sql $found): mixed
    {
        return Database::value("select count(*) $found->text", $found->bindings);
    }
}
