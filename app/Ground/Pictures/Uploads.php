<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Pictures;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use Vestibra\App\Ground\DiskRoom;
use Vestibra\App\Ground\Files\StoredFiles;
use Vestibra\App\Ground\Models\Picture;
use Vestibra\App\Ground\Problems\PictureProblem;
use Vestibra\Core\Problem;

/**
 * Takes pictures in. They are judged by what they hold and never by their name: large ones are refused from their
 * header, before anything of them is unpacked, and what cannot be read to its end is no picture. The original is kept
 * under a name that nobody can guess.
 */
final readonly class Uploads
{
    public const MOST_BYTES = 15_000_000;

    /** Pixels, wide times high. */
    public const MOST_PIXELS = 50_000_000;

    private const KINDS = [
        IMAGETYPE_JPEG => 'jpg', IMAGETYPE_PNG => 'png', IMAGETYPE_WEBP => 'webp', IMAGETYPE_AVIF => 'avif',
    ];

    private const ROOM = 20_000_000;

    public function __construct(private string $folder, private DiskRoom $room = new DiskRoom)
    {
    }

    /**
     * @param  string|null  $exactly  the name that it is kept by, where it has one already
     * @return int|Problem the picture's number
     */
    public function take(string $bytes, string $name, ?string $exactly = null): int|Problem
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            return PictureProblem::TooHeavy->at('', ['name' => $name]);
        }
        $size = @getimagesizefromstring($bytes);
        if ($size === false || $size[0] < 1 || $size[1] < 1) {
            return PictureProblem::None->at('', ['name' => $name]);
        }
        [$width, $height, $kind] = $size;
        if (! isset(self::KINDS[$kind])) {
            return PictureProblem::Kind->at('', ['name' => $name]);
        }
        if ($width * $height > self::MOST_PIXELS) {
            return PictureProblem::TooLarge->at('', ['name' => $name, 'width' => $width, 'height' => $height]);
        }
        $decoded = Decoded::of($bytes);
        if ($decoded === null) {
            return PictureProblem::Damaged->at('', ['name' => $name]);
        }
        $file = $exactly ?? mb_substr(Str::slug(pathinfo($name, PATHINFO_FILENAME)) ?: 'picture', 0, 60).'-'.bin2hex(
            random_bytes(4),
        );
        $original = "$file-original-".bin2hex(random_bytes(12)).'.'.self::KINDS[$kind];
        if (! $this->keep($original, $bytes)) {
            return PictureProblem::NoRoom->at('', ['name' => $name]);
        }

        return DB::transaction(function () use ($file, $original, $decoded): int {
            $id = (int) Picture::query()->toBase()->insertGetId([
                'file' => $file,
                'original' => $original,
                'state' => 'new',
                'width' => imagesx($decoded->image),
                'height' => imagesy($decoded->image),
                'alt' => '',
            ]);
            StoredFiles::note('pictures', "$this->folder/$original");
            Queue::push(new MakeSizes($id));

            return $id;
        });
    }

    private function keep(string $name, string $bytes): bool
    {
        is_dir($this->folder) || @mkdir($this->folder, 0o755, true);
        if (! $this->room->takes($this->folder, strlen($bytes) + self::ROOM)) {
            return false;
        }
        $written = @file_put_contents("$this->folder/$name", $bytes);
        if ($written !== strlen($bytes)) {
            @unlink("$this->folder/$name");

            return false;
        }

        return true;
    }
}
