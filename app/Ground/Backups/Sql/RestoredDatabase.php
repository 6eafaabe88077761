<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Backups\Sql;

use Illuminate\Support\Facades\Artisan;
use PDO;
use PDOException;
use Vestibra\App\Ground\Backups\Backup;
use Vestibra\App\Ground\Backups\RestoreRefused;
use Vestibra\App\Ground\Sql\Database;

/** The database of a backup: whole, ours, and brought up to date beside the one in use. */
final class RestoredDatabase
{
    private const CONNECTION = 'restored';

    /** @throws RestoreRefused */
    public function check(string $file): PDO
    {
        if (@file_get_contents($file, length: 16) !== "SQLite format 3\0") {
            throw RestoreRefused::damaged(Backup::DATABASE);
        }
        chmod($file, 0o600);
        try {
            $pdo = new PDO("sqlite:$file", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
            $sound = self::column($pdo, 'pragma integrity_check') === ['ok']
                && self::column($pdo, 'pragma foreign_key_check') === [];
            $done = $sound ? self::column($pdo, 'select migration from migrations order by id') : [];
        } catch (PDOException) {
            throw RestoreRefused::damaged(Backup::DATABASE);
        }
        if (! $sound) {
            throw RestoreRefused::damaged(Backup::DATABASE);
        }
        $known = array_map(
            static fn (string $path): string => basename($path, '.php'),
            glob(database_path('migrations/*.php')) ?: [],
        );
        if (array_diff($done, $known) !== []) {
            throw RestoreRefused::newer();
        }
        if ($done !== array_slice($known, 0, count($done)) || $done === []) {
            throw RestoreRefused::damaged(Backup::DATABASE);
        }
        unset($pdo);
        $this->migrate($file);
        $this->compare($file);

        return new PDO("sqlite:$file", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }

    /** Of an early backup: files that the database knows of and no list holds yet. */
    public static function noteMissing(PDO $pdo, string $folder, string $place): void
    {
        $note = $pdo->prepare('insert or ignore into stored_files (folder, name, bytes, sha256) values (?, ?, ?, ?)');
        $pdo->beginTransaction();
        foreach (array_filter(glob("$place/*") ?: [], is_file(...)) as $path) {
            $note->execute([$folder, basename($path), (int) filesize($path), (string) hash_file('sha256', $path)]);
        }
        $pdo->commit();
    }

    private function migrate(string $file): void
    {
        config(['database.connections.'.self::CONNECTION => ['database' => $file, 'journal_mode' => 'delete']
            + (array) config('database.connections.sqlite')]);
        try {
            Artisan::call('migrate', ['--database' => self::CONNECTION, '--force' => true]);
        } finally {
            Database::reopen(self::CONNECTION);
        }
    }

    /** Tables, indexes and triggers are those that we make, and no others. */
    private function compare(string $file): void
    {
        $ours = (string) tempnam(sys_get_temp_dir(), 'vestibra');
        try {
            $this->migrate($ours);
            if (self::schema($ours) !== self::schema($file)) {
                throw RestoreRefused::foreign(Backup::DATABASE);
            }
        } finally {
            @unlink($ours);
        }
    }

    /** @return list<string> */
    private static function schema(string $file): array
    {
        return self::column(
            new PDO("sqlite:$file"),
            "select type || ' ' || name || ' ' || tbl_name || ' ' || coalesce(sql, '') from sqlite_master where name "
                ."not like 'sqlite\\_stat%' escape '\\' order by 1",
        );
    }

    /** @return list<string> */
    private static function column(PDO $pdo, string $sql): array
    {
        $rows = $pdo->query($sql);

        return $rows === false
            ? []
            : array_map(strval(...), array_values(array_filter($rows->fetchAll(PDO::FETCH_COLUMN), is_scalar(...))));
    }
}
