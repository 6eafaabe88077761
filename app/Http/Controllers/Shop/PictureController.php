<?php

declare(strict_types=1);

namespace Vestibra\App\Http\Controllers\Shop;

use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Serves a picture's original while its sizes are being made; once they are there, they are files like any other. */
final readonly class PictureController
{
    private const TYPES = ['jpg' => 'image/jpeg', 'png' => 'image/png', 'webp' => 'image/webp', 'avif' => 'image/avif'];

    public function __invoke(string $name): BinaryFileResponse
    {
        $original = preg_match('/^([a-z0-9-]{1,100})-(?:400|800)\.(?:webp|avif)$/D', $name, $part) === 1
            ? DB::table('pictures')->where('file', $part[1])->value('original')
            : null;
        $path = is_string($original) ? public_path("pictures/$original") : '';
        if (! is_file($path)) {
            abort(404);
        }

        return response()->file($path, [
            'Content-Type' => self::TYPES[pathinfo($path, PATHINFO_EXTENSION)] ?? 'application/octet-stream',
            'Cache-Control' => 'no-store',
        ]);
    }
}
