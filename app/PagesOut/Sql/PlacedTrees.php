<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Templates\TemplateRole;

/**
 * The card that a list asks for, or the fallback, whichever is there: two rows by their keys.
 */
final class PlacedTrees
{
    /**
     * The card that is asked for, and the fallback.
     *
     * @return list<stdClass>
     */
    public static function cards(?int $card): array
    {
        return Database::rows(
            'select t.id, f.template_id is not null as fallback, t.draft_revision, t.live_revision, t.draft_tree, '
                .'t.live_tree from templates t'
            .' left join fallbacks f on f.template_id = t.id and f.page_kind = ?'
            .' where t.role = ? and t.let_go_at is null and (t.id = ? or f.template_id is not null) order by fallback',
            [PageKind::Card->value, TemplateRole::Card->value, $card],
        );
    }
}
