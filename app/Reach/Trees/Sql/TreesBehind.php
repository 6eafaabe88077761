<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Trees\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * Trees of which the index of names knows another revision than the one that stands. It compares two numbers of every
 * template: in step with how many there are.
 */
final class TreesBehind
{
    private const BEHIND = 'select t.id, w.live, case when w.live then t.live_revision else t.draft_revision end as '
        .'revision'
        .' from templates t join (select 0 as live union all select 1) w left join indexed_trees i on i.template_id '
        .'= t.id and i.live = w.live'
        .' where i.revision is not case when w.live then t.live_revision else t.draft_revision end';

    public static function any(): bool
    {
        return Database::row(self::BEHIND.' limit 1') !== null;
    }

    /** @return list<stdClass> */
    public static function all(): array
    {
        return Database::rows(self::BEHIND);
    }
}
