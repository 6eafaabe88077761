<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Layout\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * Things that a rule can name, by words in their names: categories with their depth, values with their option. Words in
 * the middle of a name read the whole list, in step with it; what is asked for by number is found by its key.
 */
final class NamedThingRows
{
    /**
     * @param  string  $field  the field of rules
     * @param  list<string>  $words  folded
     * @param  list<int>  $ids  those alone; none: all
     * @return list<stdClass> id and name; depth of categories; option_id, label and swatch of values
     */
    public static function of(string $field, string $table, array $words, array $ids, int $most, int $from): array
    {
        [$columns, $folded, $order] = match ($field) {
            'product' => ['t.title as name', 't.title_folded', 't.title_folded'],
            'category' => [
                't.name, (select count(*) from categories a where t.lower between a.lower and a.upper) as depth',
                't.name_folded',
                't.lower',
            ],
            'option-value' => [
                "o.name || ' ' || t.label as name, t.option_id, t.label, t.swatch",
                "o.name_folded || ' ' || t.label_folded",
                'o.position, t.position',
            ],
            default => ['t.name', 't.name_folded', 't.name_folded'],
        };
        $named = $field === 'option-value' ? ' join options o on o.id = t.option_id' : '';
        $where = str_repeat(" and instr($folded, ?) > 0", count($words))
            .($ids === [] ? '' : ' and t.id in ('.implode(',', $ids).')');

        return Database::rows(
            "select t.id, $columns from $table t$named where 1$where order by $order, t.id limit ? offset ?",
            [...$words, $most, $from],
        );
    }
}
