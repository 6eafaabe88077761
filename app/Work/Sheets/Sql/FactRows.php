<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Records\Catalogue\Sql\FactCounts;
use Vestibra\App\Records\Catalogue\Sql\KeptCounts;

/**
 * Facts with how many products have each, as it is kept; and the names of all that have a rule. In step with
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
            'select p.*, '.FactCounts::kept().' as filled, '.KeptCounts::isMissing('fact', 'p.id')
                .' as is_counted from facts p order by p.position, p.id',
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
