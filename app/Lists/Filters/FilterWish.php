<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Filters;

/** A filter that a block beside a list asks for. */
final readonly class FilterWish
{
    /**
     * @param  string  $by  as the block's setting says: `brand`, `option`, `fact`, …
     * @param  int  $number  of the option or fact; 0 for others
     * @param  bool  $pictured  whether its values are shown by pictures
     */
    public function __construct(
        public string $by,
        public int $number = 0,
        public bool $onlyInStock = false,
        public bool $pictured = false,
    ) {
    }
}
