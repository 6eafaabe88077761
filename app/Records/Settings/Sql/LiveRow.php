<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Settings\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * All that every page of the shop needs of what the shop says of itself, in one query. Three rows by their keys.
 */
final class LiveRow
{
    public static function read(): stdClass
    {
        return Database::one(
            'select (select live from own_words) as words, (select live from house_styles where in_use = 1) as house,'
            ." (select value from shop_settings where name = 'money') as money",
        );
    }
}
