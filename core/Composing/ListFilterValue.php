<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

/**
 * A value of a filter beside a list.
 *
 * @api
 */
final readonly class ListFilterValue
{
    /**
     * @param  string  $written  as an address has it
     * @param  int  $count  how many products there would be with it, besides what is chosen of other filters
     * @param  int  $place  among the values as the shop defines them
     * @param  string|null  $swatch  its colour, as `#0f6b78`
     * @param  string|null  $picture  the address of a small picture, where the filter shows pictures
     * @param  int  $depth  of a category, beneath the first that is shown
     */
    public function __construct(
        public int $id,
        public string $label,
        public string $written,
        public int $count,
        public bool $chosen,
        public int $place = 0,
        public ?string $swatch = null,
        public int $depth = 0,
        public ?string $picture = null,
    ) {
    }
}
