<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * Entries of the history with their first changes, read out of JSON in the database: an entry may hold a hundred
 * thousand. In step with how many entries are shown.
 */
final class EntryRows
{
    /**
     * @param  list<int>  $ids
     * @param  int  $lines  how many changes of each
     * @return list<stdClass> the newest first
     */
    public static function of(array $ids, int $lines): array
    {
        return $ids === [] ? [] : Database::rows(
            'select e.id, e.part_of_id, e.at, e.words, e.moves, e.takes_back_id, u.name as by_name, (select 1 from '
                .'catalogue_entries b where b.takes_back_id = coalesce(e.part_of_id, e.id)) as taken_back,'
                .' (select json_group_array(json(c.value)) from (select value from json_each(e.changes) limit '
                ."$lines) c) as first_changes,"
                .' (select count(*) from catalogue_entry_things t where t.entry_id in (select p.id from '
                .'catalogue_entries p where p.id = e.id or p.part_of_id = e.id)) as changed'
                .' from catalogue_entries e join users u on u.id = e.user_id where e.id in ('
                .implode(',', $ids).') order by e.id desc',
        );
    }
}
