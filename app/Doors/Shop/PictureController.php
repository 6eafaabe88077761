<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shop;

use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Vestibra\App\Ground\Models\Picture;
use Vestibra\Core\Catalogue\PictureSizes;

/**
 * Hands out pictures, where the web server does not do it itself. For a size that is not made yet it is the next
 * narrower one, and while none of them is, the original.
 */
final readonly class PictureController
{
    private const TYPES = ['jpg' => 'image/jpeg', 'png' => 'image/png', 'webp' => 'image/webp', 'avif' => 'image/avif'];

    public function __invoke(string $name): BinaryFileResponse
    {
        if (preg_match('/^([a-z0-9-]{1,150})-(\d{3,4})\.(webp|avif)$/D', $name, $part) !== 1
            || ! in_array((int) $part[2], PictureSizes::ALL, true)) {
            abort(404);
        }
        $folder = config()->string('vestibra.pictures');
        $path = self::nearest("$folder/$part[1]", (int) $part[2], $part[3]);
        $made = $path === "$folder/$name";
        if ($path === null) {
            $original = Picture::query()->toBase()->where('file', $part[1])->value('original');
            $path = "$folder/".(is_string($original) ? $original : '');
        }
        if (! is_file($path)) {
            abort(404);
        }

        return response()->file($path, [
            'Content-Type' => self::TYPES[pathinfo($path, PATHINFO_EXTENSION)] ?? 'application/octet-stream',
            'Content-Security-Policy' => "default-src 'none'; sandbox",
            'Cache-Control' => $made ? 'public, max-age=86400' : 'no-store',
        ]);
    }

    /** @return string|null the file of the widest size that is made and no wider; else of the narrowest */
    private static function nearest(string $file, int $wanted, string $kind): ?string
    {
        $made = array_filter(PictureSizes::ALL, static fn (int $size): bool => is_file("$file-$size.$kind"));
        $narrower = array_filter($made, static fn (int $size): bool => $size <= $wanted);

        return $made === [] ? null : "$file-".($narrower === [] ? min($made) : max($narrower)).".$kind";
    }
}
