<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Reach\RuleFields;

/**
 * The rules of a kind of page in one query, and the words under which they are kept compiled. In step with how many
 * templates and collections there are.
 */
final class RuleRows
{
    /**
     * Templates of a kind with their reaches, and collections by rule. `named` is another one as soon as anything
     * changes that compiled rules depend on besides templates.
     *
     * @return list<stdClass>
     */
    public static function of(bool $withDrafts, PageKind $kind): array
    {
        return Database::rows(
            'select t.id, hand_order, live_revision, live_reach, '.(
                $withDrafts ? 'draft_reach' : 'null as draft_reach'
            ).','
            .' (select template_id from fallbacks where page_kind = t.page_kind) as fallback_id,'
            .' (select named from live_rules) as named from templates t'
            .' where page_kind = ?1 and let_go_at is null'.($withDrafts ? '' : ' and live_revision is not null')
            .' union all select id, null, null, rule, null, null, null from collections where rule is not null and ?2 '
            .'order by 2, 1',
            [$kind->value, (int) (RuleFields::standard()->comparison($kind, 'collection', 'isIn') !== null)],
        );
    }

    public static function word(): mixed
    {
        return Database::value('select word from live_rules');
    }

    public static function shown(): mixed
    {
        return Database::value('select shown from live_rules');
    }

    public static function words(PageKind $kind, Subject $subject): stdClass
    {
        return Database::one(
            'select word, shown, (select template_id from pins where page_kind = ? and subject_id = ?) as pin from '
                .'live_rules',
            [$kind->value, $subject->id()],
        );
    }

    /**
     * What a live page says of its header and footer, as JSON.
     */
    public static function around(int $template): mixed
    {
        return Database::value("select json_extract(live_tree, '$.page.what') from templates where id = ?", [
            $template,
        ]);
    }
}
