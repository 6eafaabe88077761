<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Folder;

use Generator;
use Vestibra\App\Ground\Models\Picture;
use Vestibra\App\Ground\Models\ShopFile;
use Vestibra\Core\Formats\Shop\ShopFolder;

/** Pictures and files as they stand in a folder: their bytes, and beside them in words what they are. */
final readonly class BesidesWords
{
    public function __construct(
        private ShopNames $names,
        private string $pictures,
        private string $files,
    ) {
    }

    /** @return Generator<string, array<string, mixed>> by path */
    public function words(): Generator
    {
        foreach (Picture::query()->toBase()->orderBy('id')->lazy(1000) as $row) {
            $from = $this->bytesOf($row->file, $row->original, (int) $row->made);
            if ($from !== null) {
                $name = $this->name('picture', $row->id);
                yield ShopFolder::PICTURES."/$name.json" => ShopFolder::headed('picture', [
                    'file' => "$name.".pathinfo($from, PATHINFO_EXTENSION),
                    'words' => $row->alt,
                    'focus' => [$row->focus_x, $row->focus_y],
                ]);
            }
        }
        foreach (ShopFile::query()->toBase()->whereNull('gone_at')->orderBy('id')->lazy(1000) as $row) {
            if (is_file("$this->files/$row->file")) {
                yield ShopFolder::FILES."/$row->file.json" => ShopFolder::headed(
                    'file',
                    ['use' => $row->use, 'name' => $row->name]
                        + ($row->captions_id === null ? [] : ['captions' => $this->name('file', $row->captions_id)])
                        + ($row->poster_id === null ? [] : ['poster' => $this->name('picture', $row->poster_id)]),
                );
            }
        }
    }

    /** @return Generator<string, string> path => where its bytes lie */
    public function bytes(): Generator
    {
        foreach (Picture::query()->toBase()->orderBy('id')->lazy(1000) as $row) {
            $from = $this->bytesOf($row->file, $row->original, (int) $row->made);
            if ($from !== null) {
                yield ShopFolder::PICTURES."/{$this->name('picture', $row->id)}.".pathinfo($from, PATHINFO_EXTENSION) =>
                    $from;
            }
        }
        foreach (ShopFile::query()->toBase()->whereNull('gone_at')->orderBy('id')->lazy(1000) as $row) {
            if (is_file("$this->files/$row->file")) {
                yield ShopFolder::FILES."/$row->file" => "$this->files/$row->file";
            }
        }
    }

    private function name(string $what, int $id): string
    {
        return (string) $this->names->nameOf($what, $id);
    }

    /** The picture as it came in, or else its largest size. */
    private function bytesOf(string $file, ?string $original, int $made): ?string
    {
        foreach ([$original, "$file-$made.webp", "$file-800.webp"] as $name) {
            if ($name !== null && is_file("$this->pictures/$name")) {
                return "$this->pictures/$name";
            }
        }

        return null;
    }
}
