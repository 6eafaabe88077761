<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Catalogue\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Records\Catalogue\LivingNames;

/**
 * Which of many things of many kinds are still there, and into what the others were merged: one query for all, by their
 * keys. It grows with how much is named, whatever the shop has.
 */
final class LivingRows
{
    /**
     * @param  array<array<int>>  $named  ids by kind of thing
     * @return list<stdClass> field, named and id of each that is there
     */
    public static function of(array $named): array
    {
        $parts = [];
        foreach (array_intersect_key(LivingNames::TABLES, $named) as $field => $table) {
            $ids = implode(',', $named[$field]);
            $parts[] = "select '$field' as field, id as named, id from $table where id in ($ids)";
            if (isset(LivingNames::MERGED[$field])) {
                [$merged, $into] = LivingNames::MERGED[$field];
                $parts[] = "select '$field', merged_id, $into from $merged where merged_id in ($ids)";
            }
        }

        return $parts === [] ? [] : Database::rows(implode(' union all ', $parts));
    }
}
