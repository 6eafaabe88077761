<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Templates\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\Core\Templates\TemplateRole;

/**
 * Kept parts with what their root is, read out of JSON in the database: trees are long, and lists want one word of
 * each. In step with how many parts there are.
 */
final class PartRows
{
    /**
     * @return list<stdClass>
     */
    public static function all(int $most): array
    {
        return Database::rows(
            "select id, name, json_extract(coalesce(live_tree, draft_tree), '$.page.kind') as root, "
                ."json_extract(coalesce(live_tree, draft_tree), '$.page.children[0].kind') as kind,"
            .' live_tree is not draft_tree as changed from templates where role = ? and let_go_at is null order by '
            .'name, id limit '.$most,
            [TemplateRole::Part->value],
        );
    }
}
