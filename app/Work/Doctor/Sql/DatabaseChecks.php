<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Doctor\Sql;

use stdClass;
use Vestibra\App\Ground\Sql\Database;

/**
 * What the doctor asks of the whole database: SQLite’s own checks, and numbers beside products counted anew. In step
 * with the size of the shop; nobody waits for it.
 */
final class DatabaseChecks
{
    /** integrity() as a script of its own, which is given the database and prints what SQLite says. */
    public const ALONE = '$pdo = new PDO("sqlite:".$argv[1], options: [PDO::ATTR_TIMEOUT => 20]);'
        .'$pdo->exec("pragma mmap_size = 4000000000");'
        .'echo $pdo->query("pragma integrity_check")->fetchColumn();';

    /**
     * @return list<stdClass>
     */
    public static function stale(): array
    {
        return Database::rows(
            'select p.id from products p where p.variant_count <> (select count(*) from variants v where '
                .'v.product_id = p.id and v.published = 1)'
            .' or (p.review_count > 0 and exists (select 1 from reviews r where r.product_id = p.id)'
            .' and p.review_count <> (select count(*) from reviews r where r.product_id = p.id and r.published = 1))'
            .' or p.described <> holds_something(p.description)'
            ." or p.title_order <> name_order(p.title) or (p.title <> '' and not exists (select 1 from title_words w "
            .'where w.product_id = p.id))',
        );
    }

    /** Reads what follows from memory that the file is laid in: a third less to wait for what reads all of it. */
    public static function mapped(): void
    {
        Database::value('pragma mmap_size = 4000000000');
    }

    /**
     * @return list<stdClass>
     */
    public static function loose(): array
    {
        return Database::rows('pragma foreign_key_check');
    }

    public static function integrity(): mixed
    {
        return Database::value('pragma integrity_check');
    }
}
