<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Backups;

use PDO;
use RuntimeException;
use Vestibra\App\Ground\Backups\Sql\CopiedFiles;
use Vestibra\App\Ground\DataFolder;
use Vestibra\App\Ground\Files\Sql\KeptFile;
use Vestibra\App\Ground\Sql\Database;
use ZipArchive;

/**
 * The database, the pictures and the files as one file, taken while the shop runs. It holds passwords, so it is
 * private.
 */
final class Backup
{
    public const DATABASE = 'database.sqlite';

    public const MANIFEST = 'manifest.json';

    public const FORMAT = 1;

    private const HARD = 6;

    public function __construct(private readonly KeptFile $kept)
    {
    }

    /**
     * @param  array<string, string>  $folders  what is kept beside the database, as `pictures` => where it lies
     * @return array{kept: array<string, int>, missing: int, bytes: int} how many files of each folder; how many were
     *     not there, or not as they were written
     *
     * @throws RuntimeException when it cannot be written; then nothing is left behind
     */
    public function write(string $file, array $folders): array
    {
        $part = dirname($file).'/.'.basename($file).'.'.getmypid().'.'.bin2hex(random_bytes(4)).'.part';
        $mask = umask(0o077);
        self::clear(dirname($file));
        try {
            $handle = is_dir(dirname($file)) && ! is_dir($file) ? @fopen($part, 'x') : false;
            if ($handle === false) {
                throw new RuntimeException("The file $file cannot be written. Nothing was kept; choose another place.");
            }
            fclose($handle);
            $work = self::workFolder();
            try {
                $copy = "$work/".self::DATABASE;
                Database::copyTo($copy);

                return $this->pack($part, $file, $copy, $folders, "$work/packed.zip");
            } finally {
                DataFolder::remove($work);
            }
        } finally {
            @unlink($part);
            umask($mask);
        }
    }

    /**
     * @param  array<string, string>  $folders
     * @return array{kept: array<string, int>, missing: int, bytes: int}
     */
    private function pack(string $part, string $file, string $copy, array $folders, string $packed): array
    {
        $zip = new ZipArchive;
        if ($zip->open($packed, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException("The file $file cannot be written. Nothing was kept.");
        }
        $entries = [self::DATABASE => self::entry($copy)];
        $zip->addFile($copy, self::DATABASE);
        // As hard as pays: the last hundredth of the size would take six times as long.
        $zip->setCompressionName(self::DATABASE, ZipArchive::CM_DEFLATE, self::HARD);
        $kept = array_map(static fn (): int => 0, $folders);
        $missing = 0;
        $pdo = new PDO("sqlite:$copy");
        foreach (self::known($pdo) as [$folder, $name]) {
            $path = ($folders[$folder] ?? '')."/$name";
            if (! KeptFile::isOwned($pdo, $folder, $name)) {
                continue;
            }
            // Only what a restore takes: one that it would refuse would keep all the rest out.
            if (! isset($folders[$folder])
                || ! is_file($path)
                || $this->kept->matter($pdo, $folder, $name, $path) !== null) {
                $missing++;

                continue;
            }
            $entries["$folder/$name"] = self::entry($path);
            $zip->addFile($path, "$folder/$name");
            $zip->setCompressionName("$folder/$name", ZipArchive::CM_STORE);
            $kept[$folder]++;
        }
        $zip->addFromString(
            self::MANIFEST,
            json_encode(
                [
                    'vestibra' => 'backup',
                    'format' => self::FORMAT,
                    'made' => gmdate('Y-m-d\TH:i:s\Z'),
                    'entries' => $entries,
                ],
                JSON_THROW_ON_ERROR,
            ),
        );
        unset($pdo);
        if (! @$zip->close() || ! @copy($packed, $part) || ! rename($part, $file)) {
            throw new RuntimeException("The file $file cannot be written. Nothing was kept; is there room for it?");
        }

        return ['kept' => $kept, 'missing' => $missing, 'bytes' => (int) filesize($file)];
    }

    /** @return list<array{string, string}> folder and name of what the database knows of */
    private static function known(PDO $pdo): array
    {
        $rows = $pdo->query(CopiedFiles::ALL);
        $known = [];
        foreach ($rows === false ? [] : $rows->fetchAll(PDO::FETCH_NUM) as $row) {
            if (is_array($row) && is_string($row[0] ?? null) && is_string($row[1] ?? null)) {
                $known[] = [$row[0], $row[1]];
            }
        }

        return $known;
    }

    /** @return array{bytes: int, sha256: string} */
    private static function entry(string $path): array
    {
        return ['bytes' => (int) filesize($path), 'sha256' => (string) hash_file('sha256', $path)];
    }

    /** What a killed backup has left beside its target. */
    private static function clear(string $folder): void
    {
        foreach (glob("$folder/.*.part") ?: [] as $left) {
            if (preg_match('/\.(\d+)\.[0-9a-f]{8}\.part$/D', $left, $process) === 1 && ! is_dir("/proc/$process[1]")) {
                @unlink($left);
            }
        }
    }

    /** A folder that nobody else can look into. What a killed backup left there is removed by the next. */
    private static function workFolder(): string
    {
        foreach (glob(sys_get_temp_dir().'/vestibra-backup-*', GLOB_ONLYDIR) ?: [] as $left) {
            if (preg_match('/-(\d+)-[0-9a-f]+$/D', $left, $process) === 1 && ! is_dir("/proc/$process[1]")) {
                DataFolder::remove($left);
            }
        }
        $work = sys_get_temp_dir().'/vestibra-backup-'.getmypid().'-'.bin2hex(random_bytes(4));
        if (! mkdir($work, 0o700)) {
            throw new RuntimeException('There is no room for the working copy. Nothing was kept.');
        }

        return $work;
    }
}
