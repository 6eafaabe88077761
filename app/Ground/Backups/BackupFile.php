<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Backups;

use Vestibra\App\Ground\DataFolder;
use Vestibra\App\Ground\Files\StoredFiles;
use ZipArchive;

/** A backup as it came from somewhere: nothing of it is believed before it was looked at. */
final readonly class BackupFile
{
    private const MOST_ENTRIES = 500_000;

    /** Of one entry, unpacked. */
    private const MOST_BYTES = [
        'database' => 20_000_000_000, 'manifest' => 100_000_000, 'pictures' => 20_000_000, 'files' => 100_000_000,
    ];

    /** A database packs well; nothing that we write packs better than this. */
    private const MOST_PACKED = 200;

    private const CHUNK = 1_048_576;

    /**
     * @param  array<string, array{index: int, bytes: int, sha256: string|null}>  $entries  by name, without the
     *     manifest
     */
    private function __construct(
        private ZipArchive $zip,
        public array $entries,
    ) {
    }

    /** @throws RestoreRefused */
    public static function open(string $file): self
    {
        $zip = new ZipArchive;
        if (! is_file($file) || ! is_readable($file) || $zip->open($file, ZipArchive::RDONLY) !== true) {
            throw RestoreRefused::noBackup($file);
        }
        if ($zip->numFiles > self::MOST_ENTRIES) {
            throw RestoreRefused::tooLarge();
        }
        $entries = [];
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $stat = $zip->statIndex($index);
            $name = $stat['name'] ?? '';
            if ($stat === false || isset($entries[$name])) {
                throw RestoreRefused::foreign($name);
            }
            self::checkSize($name, $stat['size'], $stat['comp_size']);
            $entries[$name] = ['index' => $index, 'bytes' => $stat['size'], 'sha256' => null];
        }
        if (! isset($entries[Backup::DATABASE])) {
            throw RestoreRefused::noBackup($file);
        }

        return new self($zip, self::withChecksums($zip, $entries));
    }

    public function bytes(): int
    {
        return array_sum(array_column($this->entries, 'bytes'));
    }

    /**
     * Unpacks one entry, no more of it than was announced.
     *
     * @throws RestoreRefused when it is damaged, or not what the backup says it is
     */
    public function unpack(string $name, string $to): void
    {
        $entry = $this->entries[$name];
        $from = $this->zip->getStreamIndex($entry['index']);
        $target = @fopen($to, 'xb');
        if ($target === false) {
            throw RestoreRefused::noRoom();
        }
        $hash = hash_init('sha256');
        $read = 0;
        while ($from !== false && $read <= $entry['bytes'] && ! feof($from)) {
            $chunk = @fread($from, self::CHUNK);
            if ($chunk === false) {
                break;
            }
            $read += strlen($chunk);
            hash_update($hash, $chunk);
            if (@fwrite($target, $chunk) !== strlen($chunk)) {
                throw RestoreRefused::noRoom();
            }
        }
        fsync($target);
        fclose($target);
        if ($from === false || $read !== $entry['bytes'] || ($entry['sha256'] !== null
            && hash_final($hash) !== $entry['sha256'])) {
            throw RestoreRefused::damaged($name);
        }
    }

    /** @throws RestoreRefused */
    private static function checkSize(string $name, int $bytes, int $packed): void
    {
        $folder = match (true) {
            $name === Backup::DATABASE => 'database',
            $name === Backup::MANIFEST => 'manifest',
            in_array(dirname($name), DataFolder::FOLDERS, true) && StoredFiles::isName(
                dirname($name),
                basename($name),
            ) && $name === dirname($name).'/'.basename($name) => dirname($name),
            default => throw RestoreRefused::foreign($name),
        };
        if ($bytes > self::MOST_BYTES[$folder] || $bytes > 1_000_000 + $packed * self::MOST_PACKED) {
            throw RestoreRefused::tooLarge($name);
        }
    }

    /**
     * @param  array<string, array{index: int, bytes: int, sha256: string|null}>  $entries
     * @return array<string, array{index: int, bytes: int, sha256: string|null}> with what the manifest says of them; a
     *     backup of an early version has none
     *
     * @throws RestoreRefused when something is missing or more than the manifest names
     */
    private static function withChecksums(ZipArchive $zip, array $entries): array
    {
        if (! isset($entries[Backup::MANIFEST])) {
            return $entries;
        }
        $manifest = json_decode((string) $zip->getFromIndex($entries[Backup::MANIFEST]['index']), true);
        unset($entries[Backup::MANIFEST]);
        $named = is_array($manifest) && ($manifest['vestibra'] ?? null) === 'backup'
            ? $manifest['entries'] ?? null
            : null;
        if (! is_array($named)) {
            throw RestoreRefused::damaged(Backup::MANIFEST);
        }
        if (($manifest['format'] ?? null) !== Backup::FORMAT) {
            throw RestoreRefused::newer();
        }
        $odd = array_key_first(array_diff_key($named, $entries) + array_diff_key($entries, $named));
        if ($odd !== null) {
            throw isset($entries[$odd])
                ? RestoreRefused::foreign((string) $odd)
                : RestoreRefused::damaged((string) $odd);
        }
        foreach ($entries as $name => $entry) {
            $says = $named[$name];
            if (! is_array($says)
                || ($says['bytes'] ?? null) !== $entry['bytes']
                || ! is_string($says['sha256'] ?? null)) {
                throw RestoreRefused::damaged($name);
            }
            $entries[$name]['sha256'] = $says['sha256'];
        }

        return $entries;
    }
}
