<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

/**
 * A stored picture. Width and height are those of the stored file in pixels, so that a page can keep room for it.
 *
 * @api
 */
final readonly class Picture
{
    /**
     * @param  int  $focusX  where what matters most stands, in quarters from the left: 0 to 4
     * @param  int  $focusY  the same from the top
     * @param  bool  $avif  whether its sizes are kept as AVIF too
     */
    public function __construct(
        public int $id,
        public string $file,
        public int $width,
        public int $height,
        public string $alt,
        public int $focusX = 2,
        public int $focusY = 2,
        public bool $avif = false,
    ) {
    }
}
