<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Folder;

use Vestibra\App\Ground\Models\Picture;
use Vestibra\App\Ground\Pictures\Uploads;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\Shop\ShopFolder;
use Vestibra\Core\Problem;

/** The pictures of a folder: new ones are taken in under their own name, words and focus of known ones are changed. */
final readonly class PicturesIn
{
    public function __construct(
        private ThingFiles $written,
        private StoredThings $things,
        private Uploads $uploads,
    ) {
    }

    public function read(FolderFiles $files, Taking $taking): void
    {
        foreach (glob("$files->folder/".ShopFolder::PICTURES.'/*.json') ?: [] as $path) {
            $name = basename($path, '.json');
            if ((glob("$files->folder/".ShopFolder::PICTURES."/$name.{jpg,png,webp,avif}", GLOB_BRACE) ?: []) === []) {
                $taking->problem(
                    ShopFolder::PICTURES."/$name.json",
                    FileFormatProblem::NoPicture->at('', ['name' => $name]),
                );
            }
        }
        foreach (glob("$files->folder/".ShopFolder::PICTURES.'/*.{jpg,png,webp,avif}', GLOB_BRACE) ?: [] as $path) {
            $path = ShopFolder::PICTURES.'/'.basename($path);
            $name = pathinfo($path, PATHINFO_FILENAME);
            $last = (int) Picture::query()->toBase()->max('id');
            if ($files->isChanged($path)) {
                $this->take($files, $path, $name, $taking);
            }
            $beside = ShopFolder::PICTURES."/$name.json";
            $id = $files->isChanged($beside) ? $this->written->names->idOf('picture', $name) : null;
            if ($id !== null) {
                $this->describe($files, $beside, $id, $id > $last, $taking);
            }
        }
    }

    private function take(FolderFiles $files, string $path, string $name, Taking $taking): void
    {
        if ($this->written->names->has('picture', $name)) {
            $files->ours && $taking->problem($path, FileFormatProblem::NamedTwice->at('', ['name' => $name]));

            return;
        }
        $taken = preg_match('/^[a-z0-9][a-z0-9-]{0,80}$/D', $name) === 1
            ? $this->uploads
                ->take(
                    (string) @file_get_contents("$files->folder/$path", length: Uploads::MOST_BYTES + 1),
                    $name,
                    $name,
                )
            : FileFormatProblem::NotAName->at('', ['better' => 'teal-bottle']);
        if ($taken instanceof Problem) {
            $taking->problem($path, $taken);

            return;
        }
        $this->written->names->alias('picture', $name, $taken);
        $taking->counts['made']++;
        $taking->did($path, 'made');
    }

    private function describe(FolderFiles $files, string $path, int $id, bool $isNew, Taking $taking): void
    {
        $given = $files->read($path, 'picture');
        if ($given instanceof Problem) {
            $taking->problem($path, $given);

            return;
        }
        $focus = is_array($given['focus'] ?? null) ? array_values($given['focus']) : [2, 2];
        foreach (array_diff(array_keys($given), ['vestibra', 'format', 'file', 'words', 'focus']) as $unknown) {
            $taking->problem($path, FileFormatProblem::UnknownKey->at('', ['key' => mb_substr($unknown, 0, 60)]));
        }
        $problems = [];
        $stands = $this->things->read(Thing::Picture, [$id])[$id];
        $changed = $this->written->file->changed(
            Thing::Picture,
            $stands,
            ['alt' => $given['words'] ?? '', 'focusX' => $focus[0] ?? 2, 'focusY' => $focus[1] ?? 2],
            $problems,
        );
        foreach ($problems as $problem) {
            $taking->problem($path, $problem);
        }
        if ($isNew && $problems === []) {
            $this->things->write(new Change(Thing::Picture, $id, [], $changed));
        } else {
            $taking->change($path, Thing::Picture, $id, $stands, $changed);
        }
    }
}
