<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Catalogue\Sql;

use Vestibra\App\Ground\Sql\Database;

/**
 * How many products categories, collections by hand, brands and tags have, and for how many each fact is filled in: as
 * it is kept, where it still stands. Read by keys; what is missing is counted anew in step with what it counts.
 */
final class KeptCounts
{
    /**
     * @param  string  $id  SQL, the number of the thing
     * @param  string  $anew  SQL, counts it
     */
    public static function of(string $thing, string $id, string $anew): string
    {
        return 'coalesce('.self::kept($thing, $id).", $anew)";
    }

    /** SQL, whether it has to be counted anew. */
    public static function isMissing(string $thing, string $id): string
    {
        return self::kept($thing, $id).' is null';
    }

    /**
     * Counts what is missing.
     *
     * @param  string  $anew  SQL, counts a thing called `p`
     */
    public static function keep(string $thing, string $table, string $anew): void
    {
        Database::run(
            "insert into kept_counts (thing, thing_id, products) select '$thing', p.id, $anew from $table p where "
                .self::isMissing($thing, 'p.id'),
        );
    }

    /**
     * @param  string  $anew  SQL, counts a thing called `p`
     * @return int how many are kept otherwise than they are counted
     */
    public static function wrong(string $thing, string $table, string $anew): int
    {
        return (int) Database::value(
            "select count(*) from $table p join kept_counts k on k.thing = '$thing' and k.thing_id = p.id where "
                ."k.products <> $anew",
        );
    }

    public static function throwAway(): void
    {
        Database::run('delete from kept_counts');
    }

    private static function kept(string $thing, string $id): string
    {
        return "(select k.products from kept_counts k where k.thing = '$thing' and k.thing_id = $id)";
    }
}
