<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Files;

/** What a file turned out to be, by what it holds. */
final readonly class Judged
{
    /** @param  string  $ending  that it is kept under, without a dot */
    public function __construct(
        public string $type,
        public string $ending,
        public int $width = 0,
        public int $height = 0,
        public int $seconds = 0,
    ) {
    }
}
