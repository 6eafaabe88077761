<?php

declare(strict_types=1);

namespace Vestibra\App\Keeping;

use Illuminate\Support\Facades\DB;
use PDO;
use RuntimeException;
use ZipArchive;

/** The database and the pictures as one file, and back. Taken while the shop runs; put back wholly or not at all. */
final class Backup
{
    private const DATABASE = 'database.sqlite';

    /** @return array<string, string> what a shop keeps beside its database */
    public static function folders(): array
    {
        return ['pictures' => public_path('pictures'), 'files' => config()->string('vestibra.files')];
    }

    /**
     * @param  array<string, string>  $folders  what is kept beside the database, as `pictures` => where it lies
     * @return array{kept: array<string, int>, bytes: int} how many files of each folder
     */
    public function write(string $file, array $folders): array
    {
        $copy = (string) tempnam(sys_get_temp_dir(), 'vestibra');
        unlink($copy);
        DB::statement('vacuum into ?', [$copy]);
        $zip = new ZipArchive;
        if ($zip->open("$file.part", ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            unlink($copy);
            throw new RuntimeException("The file $file cannot be written.");
        }
        $zip->addFile($copy, self::DATABASE);
        $kept = [];
        foreach ($folders as $folder => $place) {
            $kept[$folder] = 0;
            foreach (array_filter(glob("$place/*") ?: [], is_file(...)) as $one) {
                $name = "$folder/".basename($one);
                $zip->addFile($one, $name);
                $zip->setCompressionName($name, ZipArchive::CM_STORE);
                $kept[$folder]++;
            }
        }
        $done = $zip->close();
        unlink($copy);
        if (! $done || ! rename("$file.part", $file)) {
            throw new RuntimeException("The file $file cannot be written.");
        }

        return ['kept' => $kept, 'bytes' => (int) filesize($file)];
    }

    /**
     * @param  string  $database  the file that the shop uses
     * @param  array<string, string>  $folders  as they were kept
     * @return array<string, int> how many files of each folder
     */
    public function restore(string $file, string $database, array $folders): array
    {
        $zip = new ZipArchive;
        if ($zip->open($file, ZipArchive::RDONLY) !== true) {
            throw new RuntimeException("The file $file is no backup, or cannot be read.");
        }
        $content = $zip->getStream(self::DATABASE);
        if ($content === false) {
            throw new RuntimeException("The file $file is no backup of Vestibra.");
        }
        $part = "$database.restored";
        file_put_contents($part, $content);
        $this->check($part);
        $done = array_map(static fn (): int => 0, $folders);
        for ($at = 0; $at < $zip->numFiles; $at++) {
            $name = (string) $zip->getNameIndex($at);
            [$folder, $base] = [dirname($name), basename($name)];
            if (isset($folders[$folder]) && preg_match('/^[\w.-]+$/D', $base) === 1) {
                is_dir($folders[$folder]) || mkdir($folders[$folder], 0o755, true);
                file_put_contents("$folders[$folder]/$base", $zip->getFromIndex($at));
                $done[$folder]++;
            }
        }
        DB::purge();
        foreach (['-wal', '-shm'] as $beside) {
            is_file($database.$beside) && unlink($database.$beside);
        }
        rename($part, $database);

        return $done;
    }

    private function check(string $part): void
    {
        $pdo = new PDO("sqlite:$part");
        $ask = static function (string $sql) use ($pdo): string {
            $statement = $pdo->query($sql);

            return $statement === false ? '' : (string) $statement->fetchColumn();
        };
        if ($ask('pragma integrity_check') !== 'ok' || $ask("select count(*) from sqlite_master where name = 'templates'") !== '1') {
            unlink($part);
            throw new RuntimeException('The database in this backup is damaged. Nothing was restored.');
        }
    }
}
