<?php

declare(strict_types=1);

namespace Vestibra\App\Keeping;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;
use Throwable;
use Vestibra\App\Files\FileUse;
use Vestibra\App\Files\Judge;
use Vestibra\App\Files\Judged;

/**
 * Puts a backup back: all of it is read, checked and laid beside what is there, and comes into use by one switch. Until
 * then, and whatever happens on the way, the shop is as it was.
 */
final readonly class Restore
{
    private const ROOM = 100_000_000;

    public function __construct(
        private Judge $judge,
    ) {
    }

    /**
     * @return array<string, int> how many files of each folder
     *
     * @throws RestoreRefused
     */
    public function from(string $file, DataFolder $data): array
    {
        $backup = BackupFile::open($file);
        $free = @disk_free_space(dirname($data->current()));
        if ($free !== false && $free < $backup->bytes() + self::ROOM) {
            throw RestoreRefused::noRoom();
        }
        $beside = $data->beside();
        file_put_contents("$beside/process", (string) getmypid());
        try {
            $done = $this->lay($backup, $beside);
            unlink("$beside/process");
            $data->adopt($beside, self::holdingBack(...));
        } catch (Throwable $error) {
            DataFolder::remove($beside);
            throw $error;
        }
        DB::purge();
        // Workers look at this between two pieces of work, and begin anew with what is in use then.
        Cache::forever('illuminate:queue:restart', Date::now()->getTimestamp());

        return $done;
    }

    /** @return array<string, int> */
    private function lay(BackupFile $backup, string $beside): array
    {
        $database = "$beside/".DataFolder::DATABASE;
        $backup->unpack(Backup::DATABASE, $database);
        $pdo = (new RestoredDatabase)->check($database);
        $done = ['pictures' => 0, 'files' => 0];
        foreach (array_keys($backup->entries) as $name) {
            if ($name !== Backup::DATABASE) {
                $backup->unpack($name, "$beside/$name");
                $this->checkFile($pdo, $name, "$beside/$name");
                $done[dirname($name)]++;
            }
        }
        foreach (DataFolder::FOLDERS as $folder) {
            RestoredDatabase::noteMissing($pdo, $folder, "$beside/$folder");
        }
        unset($pdo);

        return $done;
    }

    /** It is one that the database knows of, and holds what its name says. */
    private function checkFile(PDO $pdo, string $entry, string $path): void
    {
        [$folder, $name] = [dirname($entry), basename($entry)];
        $noted = self::row($pdo, 'select bytes, sha256 from stored_files where folder = ? and name = ?', [$folder, $name]);
        if ($noted !== null && ((int) filesize($path) !== (int) $noted['bytes'] || hash_file('sha256', $path) !== $noted['sha256'])) {
            throw RestoreRefused::damaged($entry);
        }
        if ($folder === 'pictures') {
            $plain = (string) preg_replace('/-\d+\.\w+$/', '', $name);
            $known = self::row($pdo, 'select 1 as known from pictures where original = ? or file = ? limit 1', [$name, $plain]);
            $size = @getimagesize($path);
            $ending = [IMAGETYPE_JPEG => 'jpg', IMAGETYPE_PNG => 'png', IMAGETYPE_WEBP => 'webp', IMAGETYPE_AVIF => 'avif'][$size === false ? 0 : $size[2]] ?? '';
            if ($known === null || $ending !== pathinfo($name, PATHINFO_EXTENSION)) {
                throw RestoreRefused::foreign($entry);
            }

            return;
        }
        $row = self::row($pdo, 'select "use", type from files where file = ?', [$name]);
        $use = FileUse::tryFrom((string) ($row['use'] ?? ''));
        $judged = $use === null ? null : $this->judge->of($use, $path, $name);
        if ($row === null || ! $judged instanceof Judged || $judged->type !== $row['type']) {
            throw RestoreRefused::foreign($entry);
        }
    }

    /**
     * @param  list<string>  $values
     * @return array<string, scalar|null>|null
     */
    private static function row(PDO $pdo, string $sql, array $values): ?array
    {
        $statement = $pdo->prepare($sql);
        $statement->execute($values);
        $row = $statement->fetch(PDO::FETCH_ASSOC);

        return is_array($row) ? $row : null;
    }

    /**
     * Whoever writes at this moment finishes first; whoever comes later finds the other generation in use and is told.
     *
     * @param  callable(): void  $switch
     */
    private static function holdingBack(callable $switch): void
    {
        try {
            $now = new PDO('sqlite:'.config()->string('database.connections.sqlite.database'), options: [PDO::ATTR_TIMEOUT => 30]);
            $now->exec('begin immediate');
        } catch (PDOException) {
            // What is there cannot be written to: there is nobody to hold back.
            $now = null;
        }
        $switch();
        $now?->exec('rollback');
    }
}
