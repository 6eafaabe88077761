<?php

declare(strict_types=1);

namespace Vestibra\App\Shop\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * The lines of a cart, with what is shown of each: by keys, in step with the cart.
 */
final class CartRows
{
    /**
     * @param  array<int, int>  $quantities
     * @return list<stdClass>
     */
    public static function lines(array $quantities): array
    {
        return Database::rows(
            'select v.*, p.title, p.slug, coalesce((select file from pictures where pictures.id = v.picture_id),'
            .' (select file from product_pictures pp join pictures on pictures.id = pp.picture_id where '
            .'pp.product_id = p.id order by pp.position limit 1)) as file,'
            ." (select group_concat(o.name || ' ' || ov.label, ' · ') from variant_values vv join options o on o.id "
            .'= vv.option_id'
            .' join option_values ov on ov.id = vv.option_value_id where vv.variant_id = v.id) as choice'
            .' from variants v join products p on p.id = v.product_id where v.published = 1 and p.published = 1 and '
            .'v.id in ('
            .implode(',', array_keys($quantities)).')',
        );
    }
}
