<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Folder\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * All things of a kind with the names by which files know them, one after another. In step with how many there are,
 * once for each export and import.
 */
final class NamedRows
{
    private const NAMED = [
        'product' => 'select id, slug as name from products order by id',
        'category' => 'select id, slug as name from categories order by id',
        'collection' => 'select id, slug as name from collections order by id',
        'brand' => 'select id, slug as name from brands order by id',
        'tag' => 'select id, slug as name from tags order by id',
        'option' => 'select id, name from options order by id',
        'option-value' => "select v.id, o.name || ': ' || v.label as name from option_values v join options o on o.id "
            .'= v.option_id order by v.id',
        'picture' => 'select id, file as name from pictures order by id',
        'file' => 'select id, file as name from files where gone_at is null order by id',
        'fact' => 'select id, name from facts order by id',
    ];

    public static function knows(string $what): bool
    {
        return isset(self::NAMED[$what]);
    }

    /** @return iterable<stdClass> id and name */
    public static function each(string $what): iterable
    {
        return Database::each(self::NAMED[$what]);
    }
}
