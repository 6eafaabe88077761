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

    private const PICTURES = 'pictures/';

    /** @return array{pictures: int, bytes: int} */
    public function write(string $file, string $picturesFolder): array
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
        $pictures = glob("$picturesFolder/*") ?: [];
        foreach ($pictures as $picture) {
            $name = self::PICTURES.basename($picture);
            $zip->addFile($picture, $name);
            $zip->setCompressionName($name, ZipArchive::CM_STORE);
        }
        $done = $zip->close();
        unlink($copy);
        if (! $done || ! rename("$file.part", $file)) {
            throw new RuntimeException("The file $file cannot be written.");
        }

        return ['pictures' => count($pictures), 'bytes' => (int) filesize($file)];
    }

    /**
     * @param  string  $database  the file that the shop uses
     * @return array{pictures: int}
     */
    public function restore(string $file, string $database, string $picturesFolder): array
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
        is_dir($picturesFolder) || mkdir($picturesFolder, 0o755, true);
        $pictures = 0;
        for ($at = 0; $at < $zip->numFiles; $at++) {
            $name = (string) $zip->getNameIndex($at);
            $base = basename($name);
            if ($name === self::PICTURES.$base && preg_match('/^[\w.-]+$/D', $base) === 1) {
                file_put_contents("$picturesFolder/$base", $zip->getFromIndex($at));
                $pictures++;
            }
        }
        DB::purge();
        foreach (['-wal', '-shm'] as $beside) {
            is_file($database.$beside) && unlink($database.$beside);
        }
        rename($part, $database);

        return ['pictures' => $pictures];
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
