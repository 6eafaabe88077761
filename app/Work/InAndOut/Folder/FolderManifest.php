<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Folder;

use Vestibra\App\Records\Models\Shop\ShopSetting;
use Vestibra\Core\Formats\Shop\ShopFolder;

/** What a folder held when it was written, and by which shop: so that only what somebody changed in it is read. */
final readonly class FolderManifest
{
    private const MOST_BYTES = 200_000_000;

    /** @param  array<string, string>  $files  path => SHA-256 of the bytes */
    public function __construct(
        public string $shop,
        public array $files,
    ) {
    }

    /** @return self|null null where the folder has none, or none that can be read */
    public static function of(string $folder): ?self
    {
        $path = "$folder/".ShopFolder::CONTENTS;
        $text = is_file($path) && filesize($path) < self::MOST_BYTES ? file_get_contents($path) : false;
        $read = $text === false ? null : json_decode($text, true, 8);
        if (! is_array($read)
            || ($read['vestibra'] ?? null) !== 'contents'
            || ($read['format'] ?? null) !== ShopFolder::FORMAT
            || ! is_array($read['files'] ?? null)) {
            return null;
        }
        $files = [];
        foreach ($read['files'] as $file => $sum) {
            if (is_string($sum) && self::isOurs((string) $file)) {
                $files[(string) $file] = $sum;
            }
        }

        return new self(is_string($read['shop'] ?? null) ? $read['shop'] : '', $files);
    }

    public function text(): string
    {
        $files = $this->files;
        ksort($files, SORT_STRING);

        return ShopFolder::text(ShopFolder::headed('contents', ['shop' => $this->shop, 'files' => $files]));
    }

    /** This shop's own mark, by which it knows what it wrote. */
    public static function mark(): string
    {
        $mark = ShopSetting::query()->toBase()->where('name', 'mark')->value('value');
        if (! is_string($mark)) {
            $mark = bin2hex(random_bytes(12));
            self::adopt($mark);
        }

        return $mark;
    }

    /** An empty shop that takes in a whole folder goes on as the shop that wrote it. */
    public static function adopt(string $mark): void
    {
        ShopSetting::query()->toBase()->upsert(['name' => 'mark', 'value' => $mark], ['name'], ['value']);
    }

    /** No path out of the folder. */
    private static function isOurs(string $path): bool
    {
        return preg_match('#^(?:[a-z]+/)?[\p{Ll}\p{Lo}\p{Nd}-]+\.[a-z0-9]{2,4}(?:\.json)?$#uD', $path) === 1;
    }
}
