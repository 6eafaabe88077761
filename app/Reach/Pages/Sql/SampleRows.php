<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages\Sql;

use PDO;
use stdClass;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PagesOfKind;

/**
 * Pages to look at a template with, the most awkward first. It asks every page of the template, in step with their
 * number.
 */
final class SampleRows
{
    /**
     * @param  list<string>  $columns
     * @param  list<int>  $ids
     * @return list<stdClass>
     */
    public static function flags(array $columns, PagesOfKind $pages, array $ids): array
    {
        return Database::rows(
            'select '.implode(', ', $columns)." from {$pages->table()} p where p.id in (".implode(',', $ids).')',
        );
    }

    public static function count(PagesOfKind $pages, Sql $where): mixed
    {
        return Database::value(
            "select count(*) from {$pages->table()} p where {$pages->shown()} and $where->text",
            $where->bindings,
        );
    }

    public static function richest(PagesOfKind $pages): mixed
    {
        return Database::value(
            "select p.id from {$pages->table()} p where {$pages->shown()} order by {$pages->richness()} desc, p.id "
                .'limit 1',
        );
    }

    /** @return list<int> */
    public static function covered(string $from, Sql $where): array
    {
        return Database::numbers("select p.id from $from", $where->bindings);
    }

    /**
     * SQL, whether the page called `p` is among those.
     *
     * @param  list<int>  $pages
     */
    public static function isAmong(array $pages): string
    {
        $covered = array_flip($pages);
        Database::pdo()->sqliteCreateFunction(
            'is_covered',
            static fn (int $page): int => (int) isset($covered[$page]),
            1,
            PDO::SQLITE_DETERMINISTIC,
        );

        return '+is_covered(p.id)';
    }

    /**
     * @return list<stdClass>
     */
    public static function page(
        string $from,
        string $awkward,
        PagesOfKind $pages,
        Sql $where,
        mixed $first,
        int $size,
        int $page,
    ): array {
        return Database::rows(
            "select p.id from $from order by p.id = ? desc, $awkward desc, {$pages->title()}, p.id limit ? offset ?",
            [...$where->bindings, $first, $size, ($page - 1) * $size],
        );
    }

    /**
     * @return list<stdClass>
     */
    public static function mostAwkward(string $awkward, string $from, PagesOfKind $pages, Sql $where): array
    {
        return Database::rows(
            "select p.id, $awkward as awkward from $from order by awkward = 0 and {$pages->ordinary()} desc, "
                ."{$pages->title()}, p.id limit 1",
            $where->bindings,
        );
    }
}
