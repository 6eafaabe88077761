<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Pictures;

use GdImage;
use RuntimeException;
use stdClass;
use Vestibra\App\Ground\Files\StoredFiles;
use Vestibra\App\Ground\Models\Picture;
use Vestibra\Core\Catalogue\PictureSizes;

/**
 * Makes the sizes that pages show, as WebP, and as AVIF where that is smaller. They are drawn anew, so that nothing
 * else in the file comes with them.
 */
final readonly class Sizes
{
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
        $widest = PictureSizes::widest(imagesx($image));
        $sizes = array_filter(PictureSizes::ALL, static fn (int $size): bool => $size <= $widest);
        $bytes = ['avif' => 0, 'webp' => 0];
        foreach ($sizes as $size) {
            $sized = self::sized($image, $size);
            foreach ($this->drawn($sized, "$this->folder/$picture->file-$size") as $kind => $written) {
                $bytes[$kind] += $written;
            }
        }
        $avif = $bytes['avif'] < $bytes['webp'];
        $this->keep((string) $picture->file, $sizes, $avif);
        Picture::query()->toBase()->where('id', $pictureId)
            ->update(['state' => 'ready', 'made' => $widest, 'avif' => $avif]);
    }

    /** @return array{avif: int, webp: int} bytes of the halves of files that were written */
    private function drawn(GdImage $sized, string $file): array
    {
        imageavif($sized, "$file.avif.part", self::AVIF);
        imagewebp($sized, "$file.webp.part", self::WEBP);

        return ['avif' => (int) filesize("$file.avif.part"), 'webp' => (int) filesize("$file.webp.part")];
    }

    /**
     * A browser that reads AVIF is offered no WebP, so AVIF is kept where all of it together is smaller.
     *
     * @param  array<int>  $sizes
     */
    private function keep(string $file, array $sizes, bool $avif): void
    {
        foreach ($sizes as $size) {
            foreach (['webp' => true, 'avif' => $avif] as $kind => $isKept) {
                $name = "$file-$size.$kind";
                if ($isKept) {
                    rename("$this->folder/$name.part", "$this->folder/$name");
                    StoredFiles::note('pictures', "$this->folder/$name");
                } else {
                    @unlink("$this->folder/$name.part");
                    @unlink("$this->folder/$name");
                    StoredFiles::forget('pictures', $name);
                }
            }
        }
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
