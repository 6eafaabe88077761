<?php

declare(strict_types=1);

namespace Vestibra\App\Ground;

use Closure;
use PDOException;
use RuntimeException;
use Throwable;

/** There is no room left on the disk: nothing can be kept, and what is there can still be read. */
final class NoRoom extends RuntimeException
{
    public const WORDS = 'There is no room left on the server’s disk. What you sent was not kept, and nothing else '
        .'was lost; make room there (an old backup, a log) and do it again.';

    /** SQLITE_FULL of https://www.sqlite.org/rescode.html */
    private const FULL = 13;

    /** SQLITE_IOERR and SQLITE_CANTOPEN: what SQLite says too when it cannot make its files beside the database. */
    private const NOT_WRITTEN = [10, 14];

    /** With less, SQLite cannot make them. */
    private const LEAST_BYTES = 131_072;

    public function __construct()
    {
        parent::__construct(self::WORDS);
    }

    public static function isBehind(Throwable $error): bool
    {
        for ($one = $error; $one !== null; $one = $one->getPrevious()) {
            $code = $one instanceof PDOException ? $one->errorInfo[1] ?? null : null;
            if ($one instanceof self
                || $code === self::FULL
                || str_contains($one->getMessage(), 'No space left on device')
                || str_contains($one->getMessage(), 'possibly out of free disk space')
                || (in_array($code, self::NOT_WRITTEN, true)
                    && self::isFull(dirname(config()->string('database.connections.sqlite.database'))))) {
                return true;
            }
        }

        return false;
    }

    /**
     * Does what makes reading quicker, or counts it, as far as there is room: without, whoever reads goes on.
     *
     * @param  Closure(): mixed  $what
     */
    public static function passOver(Closure $what): void
    {
        try {
            $what();
        } catch (Throwable $error) {
            self::isBehind($error) || throw $error;
        }
    }

    private static function isFull(string $folder): bool
    {
        $free = @disk_free_space($folder);

        return $free !== false && $free < self::LEAST_BYTES;
    }
}
