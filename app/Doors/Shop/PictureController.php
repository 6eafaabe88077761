<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shop;

use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Vestibra\App\Ground\Models\Picture;

/**
 * Hands out pictures, where the web server does not do it itself; and while the sizes of one are being made, its
 * original.
 */
final readonly class PictureController
{
    private const TYPES = ['jpg' => 'image/jpeg', 'png' => 'image/png', 'webp' => 'image/webp', 'avif' => 'image/avif'];

    public function __invoke(string $name): BinaryFileResponse
    {
        if (preg_match('/^([a-z0-9-]{1,150})-(?:160|400|800)\.(webp|avif)$/D', $name, $part) !== 1) {
            abort(404);
        }
        $folder = config()->string('vestibra.pictures');
        if (! is_file("$folder/$name") && is_file("$folder/$part[1]-400.$part[2]")) {
            // Taken in before there was a size as small as this.
            $name = "$part[1]-400.$part[2]";
        }
        $made = is_file("$folder/$name");
        $original = $made ? null : Picture::query()->toBase()->where('file', $part[1])->value('original');
        $path = "$folder/".($made ? $name : (is_string($original) ? $original : ''));
        if (! is_file($path)) {
            abort(404);
        }

        return response()->file($path, [
            'Content-Type' => self::TYPES[pathinfo($path, PATHINFO_EXTENSION)] ?? 'application/octet-stream',
            'Content-Security-Policy' => "default-src 'none'; sandbox",
            'Cache-Control' => $made ? 'public, max-age=86400' : 'no-store',
        ]);
    }
}
