<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Filters;

/** What a value of a filter is called. */
final readonly class FilterName
{
    /**
     * @param  string  $slug  as addresses have it
     * @param  int  $place  among the others, as the shop defines them
     * @param  string|null  $picture  the name of its file, where pictures were asked for
     */
    public function __construct(
        public int $id,
        public string $label,
        public string $slug,
        public int $place = 0,
        public ?string $swatch = null,
        public ?string $picture = null,
    ) {
    }
}
