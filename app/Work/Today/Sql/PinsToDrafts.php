<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Today\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * Pins that lead to a template that is not live, counted by template: in step with how many pins there are.
 */
final class PinsToDrafts
{
    /**
     * @return list<stdClass>
     */
    public static function all(): array
    {
        return Database::rows(
            'select t.id, t.name, t.page_kind, count(*) as count from pins join templates t on t.id = '
                .'pins.template_id where t.live_revision is null group by t.id, t.name, t.page_kind',
        );
    }
}
