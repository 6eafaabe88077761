<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Database;

use Closure;
use Illuminate\Database\SQLiteConnection;
use PDO;
use PDOException;
use Vestibra\App\Ground\Database\Sql\Looks;
use Vestibra\App\Ground\Sql\CountsWrites;

/**
 * Whoever begins a transaction takes the right to write at once, waiting for whoever has it. Begun without it, SQLite
 * refuses the first write as soon as somebody else has written since the first read, however long one would wait. (PHP
 * can begin so by itself from 8.4 on: `transaction_mode`.) And nothing is written into data that a backup has taken the
 * place of meanwhile: it would be lost.
 */
final class WritingSqlite extends SQLiteConnection implements CountsWrites
{
    private int $writes = 0;

    /** The generation of the data that was in use when this connection was made; null outside a data folder. */
    private ?string $generation;

    /**
     * @param  PDO|Closure(): PDO  $pdo
     * @param  array<string, mixed>  $config
     */
    public function __construct(PDO|Closure $pdo, string $database = '', string $tablePrefix = '', array $config = [])
    {
        parent::__construct($pdo, $database, $tablePrefix, $config);
        $this->generation = $this->inUse();
    }

    /**
     * @param  string  $query
     * @param  array<array-key, mixed>  $bindings
     */
    public function affectingStatement($query, $bindings = []): int
    {
        $this->refuseWhenReplaced();
        $this->writes++;

        return parent::affectingStatement($query, $bindings);
    }

    /**
     * @param  string  $query
     * @param  array<array-key, mixed>  $bindings
     */
    public function statement($query, $bindings = []): bool
    {
        $this->refuseWhenReplaced();
        $this->writes++;

        return parent::statement($query, $bindings);
    }

    public function writes(): int
    {
        return $this->writes;
    }

    protected function executeBeginTransactionStatement(): void
    {
        parent::executeBeginTransactionStatement();
        if (PHP_VERSION_ID < 80400) {
            $this->reserve();
        }
        $this->refuseWhenReplaced();
    }

    /** A write that changes nothing. Before there are tables there is nothing to wait for. */
    private function reserve(): void
    {
        try {
            $this->getPdo()->exec(Looks::WRITES);
        } catch (PDOException $error) {
            if (! str_contains($error->getMessage(), 'no such table')) {
                $this->getPdo()->rollBack();
                throw $error;
            }
        }
    }

    private function refuseWhenReplaced(): void
    {
        if ($this->generation !== $this->inUse()) {
            $pdo = $this->getRawPdo();
            if ($pdo instanceof PDO && $pdo->inTransaction()) {
                $pdo->rollBack();
            }
            throw new DataReplaced;
        }
    }

    private function inUse(): ?string
    {
        $database = $this->getConfig('database');
        $link = is_string($database) ? @readlink(dirname($database)) : false;

        return $link === false ? null : $link;
    }
}
