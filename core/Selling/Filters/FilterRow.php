<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Filters;

/** What filters look at of one product of a list. */
final readonly class FilterRow
{
    /**
     * @param  array<string, list<int>>  $values  filter => what the product has as a whole; of a range, its number
     * @param  list<array<string, list<int>>>  $variants  the same of each variant that counts: published and, where the shop
     *                                                    wants it so, in stock
     */
    public function __construct(
        public int $product,
        public array $values,
        public array $variants,
    ) {
    }
}
