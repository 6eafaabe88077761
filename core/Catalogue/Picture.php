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
     * @param  int  $made  the widest size that was made of it
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
        public int $made = PictureSizes::ON_PHONES,
    ) {
    }

    /** @return non-empty-array<int, int> size that it is kept in => how wide that is in pixels, the narrowest first */
    public function sizes(): array
    {
        return PictureSizes::of($this->width, max($this->made, PictureSizes::ON_PHONES));
    }

    /** The narrowest size that is at least so wide; the widest where none is. */
    public function sizeFor(float $pixels, int $most = PHP_INT_MAX): int
    {
        $chosen = PictureSizes::ALL[0];
        foreach ($this->sizes() as $size => $width) {
            if ($size > $most) {
                break;
            }
            $chosen = $size;
            if ($width >= $pixels) {
                break;
            }
        }

        return $chosen;
    }
}
