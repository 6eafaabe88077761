<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Files;

use Vestibra\App\Ground\Files\Sql\KeptFile;
use Vestibra\App\Ground\Models\StoredFile;
use Vestibra\App\Ground\Sql\Database;

/** Every picture and file that the shop keeps, with size and checksum as they were written. */
final class StoredFiles
{
    /** Writes down a file that has just been written. */
    public static function note(string $folder, string $path): void
    {
        StoredFile::query()->toBase()->upsert(
            [
                'folder' => $folder,
                'name' => basename($path),
                'bytes' => (int) filesize($path),
                'sha256' => (string) hash_file('sha256', $path),
            ],
            ['folder', 'name'],
            ['bytes', 'sha256'],
        );
    }

    public static function forget(string $folder, string $name): void
    {
        StoredFile::query()->toBase()->where('folder', $folder)->where('name', $name)->delete();
    }

    /**
     * Notes what lies in a folder for something in the shop and was not noted yet, as from a version that kept no such
     * list.
     */
    public static function noteAll(string $folder, string $place): int
    {
        $known = array_flip(StoredFile::query()->toBase()->where('folder', $folder)->pluck('name')->all());
        $noted = 0;
        foreach (array_filter(glob("$place/*") ?: [], is_file(...)) as $path) {
            if (! isset($known[basename($path)])
                && KeptFile::isOwned(Database::pdo(), $folder, basename($path))) {
                self::note($folder, $path);
                $noted++;
            }
        }

        return $noted;
    }

    /** Whether it is a name as we write them. */
    public static function isName(string $folder, string $name): bool
    {
        return preg_match(match ($folder) {
            'pictures' => '/^[a-z0-9][a-z0-9-]{0,150}\.(webp|avif|jpg|png)$/D',
            'files' =>
                '/^[a-z0-9][a-z0-9-]{0,150}\.(pdf|zip|epub|docx|xlsx|odt|ods|jpg|png|webp|txt|csv|mp4|webm|vtt)$/D',
            default => '/^(?!)/',
        }, $name) === 1;
    }
}
