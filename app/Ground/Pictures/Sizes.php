<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Pictures;

use GdImage;
use RuntimeException;
use stdClass;
use Vestibra\App\Ground\Files\StoredFiles;
use Vestibra\App\Ground\Models\Picture;

/**
 * Makes the sizes that pages show, as WebP and AVIF. They are drawn anew, so that nothing else in the file comes with
 * them.
 */
final readonly class Sizes
{
    public const WIDTHS = [800, 400, 160];

    private const WEBP = 84;

    private const AVIF = 62;

    public function __construct(private string $folder)
    {
    }

    public function make(int $pictureId): void
    {
        $picture = Picture::query()->toBase()->where('id', $pictureId)->whereNotNull('original')->first();
        if (! $picture instanceof stdClass) {
            return;
        }
        $image = Decoded::of((string) @file_get_contents("$this->folder/$picture->original"))?->image;
        if ($image === null) {
            Picture::query()->toBase()->where('id', $pictureId)->update(['state' => 'broken']);
            throw new RuntimeException("The picture $picture->original cannot be read.");
        }
        foreach (self::WIDTHS as $width) {
            $sized = self::sized($image, $width);
            imageavif($sized, "$this->folder/$picture->file-$width.avif.part", self::AVIF);
            imagewebp($sized, "$this->folder/$picture->file-$width.webp.part", self::WEBP);
            foreach (['avif', 'webp'] as $kind) {
                rename("$this->folder/$picture->file-$width.$kind.part", "$this->folder/$picture->file-$width.$kind");
                StoredFiles::note('pictures', "$this->folder/$picture->file-$width.$kind");
            }
        }
        Picture::query()->toBase()->where('id', $pictureId)->update(['state' => 'ready']);
    }

    /** Never larger than it is. */
    private static function sized(GdImage $image, int $width): GdImage
    {
        $width = max(1, min($width, imagesx($image)));
        $height = max(1, (int) round(imagesy($image) * $width / imagesx($image)));
        $sized = imagecreatetruecolor($width, $height);
        imagealphablending($sized, false);
        imagesavealpha($sized, true);
        imagecopyresampled($sized, $image, 0, 0, 0, 0, $width, $height, imagesx($image), imagesy($image));

        return $sized;
    }
}
