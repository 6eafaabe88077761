<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Sql;

use Closure;
use Illuminate\Support\Facades\DB;
use LogicException;
use PDO;
use PDOStatement;
use stdClass;

/**
 * SQL by hand meets the database here and nowhere else. Who asks is a query class in a folder `Sql`, where the
 * computation is set-based by nature; everything else goes through the models.
 */
final class Database
{
    /**
     * @param  array<mixed>  $bindings
     * @return list<stdClass>
     */
    public static function rows(string $sql, array $bindings = []): array
    {
        /** @var list<stdClass> $rows */
        $rows = DB::select($sql, $bindings);

        return $rows;
    }

    /** @param  array<mixed>  $bindings */
    public static function row(string $sql, array $bindings = []): ?stdClass
    {
        return self::rows($sql, $bindings)[0] ?? null;
    }

    /**
     * @param  array<mixed>  $bindings
     *
     * @throws LogicException when there is no row
     */
    public static function one(string $sql, array $bindings = []): stdClass
    {
        return self::row($sql, $bindings) ?? throw new LogicException("Nothing was found by: $sql");
    }

    /**
     * @param  array<mixed>  $bindings
     * @return mixed the first column of the first row; null where there is none
     */
    public static function value(string $sql, array $bindings = []): mixed
    {
        $row = self::row($sql, $bindings);
        $values = $row === null ? [] : array_values((array) $row);

        return $values[0] ?? null;
    }

    /**
     * @param  array<mixed>  $bindings
     * @return iterable<stdClass> one after another, never all at once
     */
    public static function each(string $sql, array $bindings = []): iterable
    {
        yield from DB::cursor($sql, $bindings);
    }

    /** How often this process has written: what was read before may be another by now. */
    public static function writes(): int
    {
        $connection = DB::connection();

        return $connection instanceof CountsWrites
            ? $connection->writes()
            : throw new LogicException('This connection does not count what it writes.');
    }

    /**
     * Reads as if nothing else happened meanwhile, without the right to write that every other transaction takes.
     *
     * @template T
     *
     * @param  Closure(): T  $read
     * @return T
     */
    public static function atOnce(Closure $read): mixed
    {
        if (DB::transactionLevel() > 0) {
            return $read();
        }
        $pdo = self::pdo();
        $pdo->exec('begin deferred');
        try {
            return $read();
        } finally {
            $pdo->exec('commit');
        }
    }

    /**
     * Of very many rows, the quickest way to have them.
     *
     * @param  list<scalar>  $bindings
     * @return array<int, int> the second column by the first; of several, the last
     */
    public static function pairs(string $sql, array $bindings = []): array
    {
        /** @var array<int, int> $pairs */
        $pairs = self::statement($sql, $bindings)->fetchAll(PDO::FETCH_KEY_PAIR);

        return $pairs;
    }

    /**
     * Likewise.
     *
     * @return array<int, list<mixed>> the other columns by the first
     */
    public static function byNumber(string $sql): array
    {
        /** @var array<int, list<mixed>> $rows */
        $rows = self::statement($sql, [])->fetchAll(PDO::FETCH_UNIQUE | PDO::FETCH_NUM);

        return $rows;
    }

    /**
     * Likewise.
     *
     * @param  list<scalar>  $bindings
     * @return list<int> the first column
     */
    public static function numbers(string $sql, array $bindings = []): array
    {
        /** @var list<int> $numbers */
        $numbers = self::statement($sql, $bindings)->fetchAll(PDO::FETCH_COLUMN);

        return $numbers;
    }

    /** @param  list<scalar>  $bindings */
    private static function statement(string $sql, array $bindings): PDOStatement
    {
        $statement = self::pdo()->prepare($sql);
        $statement->execute($bindings);

        return $statement;
    }

    /** @param  array<mixed>  $bindings */
    public static function run(string $sql, array $bindings = []): void
    {
        DB::statement($sql, $bindings);
    }

    /** A copy of the whole in another file, as one moment has it. */
    public static function copyTo(string $file): void
    {
        self::run('vacuum into ?', [$file]);
    }

    /** How long is waited for whoever writes, in milliseconds. */
    public static function patience(): int
    {
        $patience = self::value('pragma busy_timeout');

        return is_numeric($patience) ? (int) $patience : 0;
    }

    public static function wait(int $patience): void
    {
        self::run("pragma busy_timeout = $patience");
    }

    /** Opens it anew with the next query: the file has changed under it. */
    public static function reopen(?string $connection = null): void
    {
        DB::purge($connection);
    }

    /** Looks at how much there is of what, so that queries are planned by it. */
    public static function measure(): void
    {
        self::run('analyze');
    }

    /** The name of the file that is open. */
    public static function name(): string
    {
        return DB::connection()->getDatabaseName();
    }

    public static function pdo(): PDO
    {
        return DB::connection()->getPdo();
    }
}
