<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Folder;

use Vestibra\App\Ground\Files\Files;
use Vestibra\App\Ground\Files\FileUse;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\Shop\ShopFolder;
use Vestibra\Core\Problem;

/** The downloads, films and captions of a folder: new ones are taken in under their own name. */
final readonly class FilesIn
{
    public function __construct(
        private ShopNames $names,
        private Files $files,
    ) {
    }

    public function read(FolderFiles $folder, Taking $taking): void
    {
        $films = [];
        foreach (glob("$folder->folder/".ShopFolder::FILES.'/*') ?: [] as $path) {
            $name = basename($path);
            $path = ShopFolder::FILES."/$name";
            if (str_ends_with($name, '.json') || ! $folder->isChanged($path)) {
                continue;
            }
            if ($this->names->has('file', $name)) {
                $folder->ours && $taking->problem($path, FileFormatProblem::NamedTwice->at('', ['name' => $name]));

                continue;
            }
            $beside = is_file("$folder->folder/$path.json")
                ? $folder->read("$path.json", 'file')
                : ['use' => 'download', 'name' => $name];
            $taken = $beside instanceof Problem ? $beside : $this->take($folder, $path, $name, $beside);
            if ($taken instanceof Problem) {
                $taking->problem($path, $taken);

                continue;
            }
            $this->names->alias('file', $name, $taken);
            $taking->counts['made']++;
            $taking->did($path, 'made');
            if (isset($beside['captions']) || isset($beside['poster'])) {
                $films[$taken] = [$beside['captions'] ?? null, $beside['poster'] ?? null];
            }
        }
        foreach ($films as $film => [$captions, $poster]) {
            $this->files->describe(
                $film,
                is_string($captions) ? $this->names->idOf('file', $captions) : null,
                is_string($poster) ? $this->names->idOf('picture', $poster) : null,
            );
        }
    }

    /** @param  array<string, mixed>  $beside */
    private function take(FolderFiles $folder, string $path, string $name, array $beside): int|Problem
    {
        $use = FileUse::tryFrom(is_string($beside['use'] ?? null) ? $beside['use'] : '');
        if ($use === null || ! is_string($beside['name'] ?? null)) {
            return FileFormatProblem::UnknownKey->at('', ['key' => 'use']);
        }
        if (preg_match('/^[a-z0-9][a-z0-9-]{0,100}\.[a-z0-9]{2,4}$/D', $name) !== 1) {
            return FileFormatProblem::NotAName->at('', ['better' => 'a-leaflet']);
        }

        return $this->files->take($use, "$folder->folder/$path", $beside['name'], $name);
    }
}
