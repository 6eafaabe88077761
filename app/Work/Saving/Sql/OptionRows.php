<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * Which variants have which values of options, where options are merged or taken out: by indexes, in step with the
 * variants that have them.
 */
final class OptionRows
{
    /**
     * @return list<stdClass>
     */
    public static function alike(int $from, int $into): array
    {
        return Database::rows(
            'select a.id as one, b.id as other from option_values a join option_values b on b.label_folded = '
                .'a.label_folded where a.option_id = ? and b.option_id = ?',
            [$from, $into],
        );
    }

    /**
     * @return list<stdClass>
     */
    public static function held(string $anyValue, string $anyOption): array
    {
        return Database::rows(
            'select variant_id, option_value_id, option_id from variant_values where variant_id in (select '
                ."variant_id from variant_values where option_value_id in ($anyValue) union select variant_id from "
                ."variant_values where option_id in ($anyOption))",
        );
    }
}
