<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Filters;

/**
 * What filters look at of one product of a list.
 *
 * @api
 */
final readonly class FilterRow
{
    /**
     * @param  array<string, list<int>>  $values  filter => what the product has as a whole; of a range, its number
     * @param  list<array<string, list<int>>>  $variants  the same of each published variant; `stock` is 1 of one that
     *     is in stock
     */
    public function __construct(
        public int $product,
        public array $values,
        public array $variants,
    ) {
    }
}
