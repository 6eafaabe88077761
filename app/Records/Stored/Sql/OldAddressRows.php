<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Stored\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Records\Stored\Tables;
use Vestibra\Core\Catalogue\Changing\Thing;

/**
 * Where an address that was leads now, over what was merged since; and which products tell words of a thing. By keys
 * and indexes; the second in step with how many products have the thing.
 */
final class OldAddressRows
{
    public static function thing(string $name, Thing $thing, string $id, string $slug): ?stdClass
    {
        return Database::row(
            "select t.id, t.slug, t.$name as name, o.until from old_address_names o join "
                .Tables::of($thing)
                ." t on t.id = $id where o.thing = ? and o.slug = ? order by o.id desc limit 1",
            [$thing->value, $slug],
        );
    }

    /**
     * @return list<stdClass>
     */
    public static function holding(string $holding, int $id): array
    {
        return Database::rows("select p.id from products p where $holding", [$id]);
    }
}
