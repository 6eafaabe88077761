<?php

declare(strict_types=1);

namespace Vestibra\App\Database;

use Illuminate\Database\SQLiteConnection;
use PDOException;

/**
 * Whoever begins a transaction takes the right to write at once, waiting for whoever has it. Begun without it, SQLite
 * refuses the first write as soon as somebody else has written since the first read, however long one would wait. (PHP
 * can begin so by itself from 8.4 on: `transaction_mode`.)
 */
final class WritingSqlite extends SQLiteConnection
{
    protected function executeBeginTransactionStatement(): void
    {
        parent::executeBeginTransactionStatement();
        if (PHP_VERSION_ID < 80400) {
            $this->reserve();
        }
    }

    /** A write that changes nothing. Before there are tables there is nothing to wait for. */
    private function reserve(): void
    {
        try {
            $this->getPdo()->exec('delete from templates where 0');
        } catch (PDOException $error) {
            if (! str_contains($error->getMessage(), 'no such table')) {
                $this->getPdo()->rollBack();
                throw $error;
            }
        }
    }
}
