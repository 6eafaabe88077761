<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * Variants with the values of their options in one text: one row for each, read with its products. In step with how
 * many variants the products of one page have.
 */
final class VariantRows
{
    /**
     * @param  list<int>  $products
     * @return list<stdClass> id, product_id and what it is called, in the owner's order
     */
    public static function called(array $products): array
    {
        return $products === [] ? [] : Database::rows(
            "select v.id, v.product_id, (select group_concat(o.label, ', ') from (select o.label from variant_values x "
                .'join option_values o on o.id = x.option_value_id join options n on n.id = o.option_id where '
                .'x.variant_id = v.id order by n.position, n.id) o) as called from variants v where v.product_id in ('
                .implode(',', $products).') order by v.position, v.id',
        );
    }
}
