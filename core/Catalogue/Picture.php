<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

/** A stored picture. Width and height are those of the stored file in pixels, so that a page can keep room for it. */
final readonly class Picture
{
    public function __construct(
        public int $id,
        public string $file,
        public int $width,
        public int $height,
        public string $alt,
    ) {
    }
}
