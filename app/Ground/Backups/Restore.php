<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Backups;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Date;
use PDO;
use PDOException;
use Throwable;
use Vestibra\App\Ground\Backups\Sql\RestoredDatabase;
use Vestibra\App\Ground\DataFolder;
use Vestibra\App\Ground\DiskRoom;
use Vestibra\App\Ground\Files\Sql\KeptFile;
use Vestibra\App\Ground\Sql\Database;

/**
 * Puts a backup back: all of it is read, checked and laid beside what is there, and comes into use by one switch. Until
 * then, and whatever happens on the way, the shop is as it was.
 */
final readonly class Restore
{
    private const ROOM = 100_000_000;

    public function __construct(
        private KeptFile $kept,
        private DiskRoom $room,
    ) {
    }

    /**
     * @return array<string, int> how many files of each folder
     *
     * @throws RestoreRefused
     */
    public function from(string $file, DataFolder $data): array
    {
        $done = $this->beside($file, $data, static function (string $beside) use ($data): void {
            unlink("$beside/process");
            $data->adopt($beside, self::holdingBack(...));
        });
        Database::reopen();
        // Workers look at this between two pieces of work, and begin anew with what is in use then.
        Cache::forever('illuminate:queue:restart', Date::now()->getTimestamp());

        return $done;
    }

    /**
     * Whether a backup could be put back: everything is done but taking it into use. What was laid beside is removed.
     *
     * @return array<string, int> how many files of each folder
     *
     * @throws RestoreRefused
     */
    public function rehearse(string $file, DataFolder $data): array
    {
        return $this->beside($file, $data, DataFolder::remove(...));
    }

    /**
     * What is laid beside what is there stays only if all went well.
     *
     * @param  callable(string): void  $then  takes the folder
     * @return array<string, int> how many files of each folder
     *
     * @throws RestoreRefused
     */
    private function beside(string $file, DataFolder $data, callable $then): array
    {
        $backup = BackupFile::open($file);
        if (! $this->room->takes(dirname($data->current()), $backup->bytes() + self::ROOM)) {
            throw RestoreRefused::noRoom();
        }
        $beside = $data->beside();
        file_put_contents("$beside/process", (string) getmypid());
        try {
            $done = $this->lay($backup, $beside);
            $then($beside);

            return $done;
        } catch (Throwable $error) {
            DataFolder::remove($beside);
            throw $error;
        }
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
        match ($this->kept->matter($pdo, dirname($entry), basename($entry), $path)) {
            KeptFile::CHANGED => throw RestoreRefused::damaged($entry),
            KeptFile::FOREIGN => throw RestoreRefused::foreign($entry),
            default => null,
        };
    }

    /**
     * Whoever writes at this moment finishes first; whoever comes later finds the other generation in use and is told.
     *
     * @param  callable(): void  $switch
     */
    private static function holdingBack(callable $switch): void
    {
        try {
            $now = new PDO(
                'sqlite:'.config()->string('database.connections.sqlite.database'),
                options: [PDO::ATTR_TIMEOUT => 30],
            );
            $now->exec('begin immediate');
        } catch (PDOException) {
            // What is there cannot be written to: there is nobody to hold back.
            $now = null;
        }
        $switch();
        $now?->exec('rollback');
    }
}
