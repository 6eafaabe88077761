<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Whole;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use Vestibra\App\Ground\DataFolder;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Work\InAndOut\Folder\FolderWriter;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\Shop\ShopFolder;
use Vestibra\Core\Problem;
use ZipArchive;

/** The shop's folder as one file: written, and unpacked where nothing of it is believed before it was looked at. */
final readonly class ZippedShop
{
    private const MOST_ENTRIES = 400_000;

    /** Unpacked, of one entry and of all. */
    private const MOST_BYTES = 100_000_000;

    private const MOST_IN_ALL = 2_000_000_000;

    private const CHUNK = 1_048_576;

    public function __construct(private FolderWriter $writer)
    {
    }

    /** @return string the path of a zip, to be deleted by whoever asked */
    public function write(): string
    {
        $folder = self::folder();
        $path = (string) tempnam(sys_get_temp_dir(), 'vestibra-zip');
        $isWhole = false;
        try {
            $this->writer->write($folder, true) instanceof Problem && throw new NoRoom;
            $zip = new ZipArchive;
            $zip->open($path, ZipArchive::OVERWRITE) === true || throw new NoRoom;
            /** @var SplFileInfo $file */
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(
                $folder,
                FilesystemIterator::SKIP_DOTS,
            )) as $file) {
                $zip->addFile($file->getPathname(), substr($file->getPathname(), strlen($folder) + 1));
            }
            $isWhole = $zip->close() || throw new NoRoom;
        } finally {
            $isWhole || @unlink($path);
            DataFolder::remove($folder);
        }

        return $path;
    }

    /** @return string|Problem the folder, to be removed by whoever asked */
    public function unpack(string $path): string|Problem
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            return FileFormatProblem::NotAnArchive->at();
        }
        $prefix = self::prefix($zip);
        if ($prefix === null || $zip->numFiles > self::MOST_ENTRIES) {
            return $prefix === null ? FileFormatProblem::NoShopInside->at() : FileFormatProblem::ArchiveTooLarge->at();
        }
        $folder = self::folder();
        $isWhole = false;
        try {
            $isWhole = $this->fill($folder, $zip, $prefix);
        } finally {
            $isWhole || DataFolder::remove($folder);
        }

        return $isWhole ? $folder : FileFormatProblem::ArchiveTooLarge->at();
    }

    /** @return bool false: it is damaged, or holds too much */
    private function fill(string $folder, ZipArchive $zip, string $prefix): bool
    {
        $left = self::MOST_IN_ALL;
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $name = (string) $zip->getNameIndex($index);
            if (! str_starts_with($name, $prefix) || ! self::isOurs(substr($name, strlen($prefix)))) {
                continue;
            }
            $bytes = $this->take($zip, $index, "$folder/".substr($name, strlen($prefix)), min(self::MOST_BYTES, $left));
            if ($bytes === null) {
                return false;
            }
            $left -= $bytes;
        }

        return true;
    }

    /** @return int|null how many bytes it had; null: more than it may have, or it is damaged */
    private function take(ZipArchive $zip, int $index, string $to, int $most): ?int
    {
        $from = $zip->getStreamIndex($index);
        is_dir(dirname($to)) || @mkdir(dirname($to), 0o700, true);
        $target = @fopen($to, 'xb');
        if ($from === false || $target === false) {
            return null;
        }
        $bytes = 0;
        while (! feof($from) && $bytes <= $most) {
            $chunk = fread($from, self::CHUNK);
            if ($chunk === false) {
                return null;
            }
            @fwrite($target, $chunk) === strlen($chunk) || throw new NoRoom;
            $bytes += strlen($chunk);
        }
        fclose($target);

        return $bytes > $most ? null : $bytes;
    }

    /** What stands before the folder's own names: whoever zips a folder may zip it whole. */
    private static function prefix(ZipArchive $zip): ?string
    {
        for ($index = 0; $index < min($zip->numFiles, self::MOST_ENTRIES); $index++) {
            $name = (string) $zip->getNameIndex($index);
            if ($name === ShopFolder::SHOP || preg_match('~^[^/]+/'.preg_quote(ShopFolder::SHOP, '~').'$~D', $name)) {
                return substr($name, 0, -strlen(ShopFolder::SHOP));
            }
        }

        return null;
    }

    /** A file at the top, or in one of the folders; never anything that leads elsewhere. */
    private static function isOurs(string $name): bool
    {
        return preg_match('~^(?:[a-z-]+/)?[^/\\\\\0:]{1,200}$~D', $name) === 1
            && ! in_array(basename($name), ['.', '..'], true);
    }

    private static function folder(): string
    {
        $folder = sys_get_temp_dir().'/vestibra-shop-'.bin2hex(random_bytes(8));

        return @mkdir($folder, 0o700) ? $folder : throw new NoRoom;
    }
}
