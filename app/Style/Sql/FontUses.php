<?php

declare(strict_types=1);

namespace Vestibra\App\Style\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * Which house styles and releases name a font of the shop’s own. It reads the few house styles and the waiting and done
 * releases: in step with how often was published.
 */
final class FontUses
{
    /** @return string|null the name of a house style that is set in it */
    public static function style(int $id): ?string
    {
        $name = Database::value(
            'select name from house_styles where instr(live, ?1) or instr(draft, ?1) limit 1',
            ["\"own-$id\""],
        );

        return is_string($name) ? $name : null;
    }

    public static function isInRelease(int $id): bool
    {
        return Database::value('select 1 from releases where instr(change_set, ?) limit 1', ["\"own-$id\""]) !== null;
    }

    /** Whether a house style is to be published by a release that waits. */
    public static function isAwaited(int $style): bool
    {
        return Database::value(
            "select 1 from releases r, json_each(r.change_set) c where r.state = 'waiting' and "
                ."json_extract(c.value, '$.change') = 'house-style' and json_extract(c.value, '$.after.style') = ? "
                .'limit 1',
            [$style],
        ) !== null;
    }

    /** @return list<stdClass> the fonts that are there, with the size of each in bytes */
    public static function all(): array
    {
        return Database::rows(
            'select id, name, kind, hash, length(bytes) as size from own_fonts where let_go_at is null order by name',
        );
    }
}
