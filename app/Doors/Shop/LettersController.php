<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shop;

use Illuminate\Http\Response;
use Vestibra\App\Style\OwnFonts;

/** The owner's own letters. What an address names never changes. */
final readonly class LettersController
{
    public function __invoke(string $font, OwnFonts $fonts): Response
    {
        $bytes = $fonts->bytes((int) $font) ?? abort(404);

        return new Response($bytes, 200, [
            'Content-Type' => 'font/woff2',
            'Cache-Control' => 'public, max-age=31536000, immutable',
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }
}
