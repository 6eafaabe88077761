<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Stored\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * What hangs on what, as the database itself knows it, so that no list of it can be forgotten. In step with the number
 * of tables, once for each change that takes something out.
 */
final class ForeignKeys
{
    /**
     * @return list<stdClass>
     */
    public static function all(): array
    {
        return Database::rows(
            'select m.name as child, f."from" as column_name, f."table" as parent, f.on_delete from '
                ."sqlite_master m, pragma_foreign_key_list(m.name) f where m.type = 'table' and f.on_delete in "
                ."('CASCADE', 'SET NULL') order by m.rowid",
        );
    }
}
