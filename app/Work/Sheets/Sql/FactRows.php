<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * Facts with how many products have each, counted over all values; and the names of all that have a rule. In step with
 * how much is filled in.
 */
final class FactRows
{
    /**
     * With how many products have each.
     *
     * @return list<stdClass>
     */
    public static function all(): array
    {
        return Database::rows(
            'select f.*, (select count(distinct v.product_id) from fact_values v where v.fact_id = f.id) as filled '
                .'from facts f order by f.position, f.id',
        );
    }

    /**
     * @return list<stdClass>
     */
    public static function reaches(): array
    {
        return Database::rows(
            'select name, draft_reach as one, live_reach as other from templates where let_go_at is null union all '
                .'select name, rule, null from collections where rule is not null',
        );
    }
}
