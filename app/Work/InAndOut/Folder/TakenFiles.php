<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Folder;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\Models\Picture;
use Vestibra\App\Ground\Models\ShopFile;
use Vestibra\Core\Catalogue\PictureSizes;

/** Pictures and files that were taken in while a folder was read: when nothing of it is kept, their bytes go too. */
final readonly class TakenFiles
{
    private int $last;

    private int $lastFile;

    public function __construct()
    {
        $this->last = (int) Picture::query()->toBase()->max('id');
        $this->lastFile = (int) ShopFile::query()->toBase()->max('id');
    }

    public function rollBack(): void
    {
        $files = Picture::query()->toBase()->where('id', '>', $this->last)->pluck('file')->all();
        $others = ShopFile::query()->toBase()->where('id', '>', $this->lastFile)->pluck('file')->all();
        DB::rollBack();
        foreach (array_filter($others, is_string(...)) as $file) {
            @unlink(config()->string('vestibra.files')."/$file");
        }
        $sizes = implode('.*,', PictureSizes::ALL).'.*';
        foreach (array_filter($files, is_string(...)) as $file) {
            array_map(
                unlink(...),
                glob(config()->string('vestibra.pictures')."/$file-{original-*,$sizes}", GLOB_BRACE) ?: [],
            );
        }
    }
}
