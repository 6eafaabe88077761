<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Filters;

/**
 * What a list comes to once it is narrowed.
 *
 * @internal
 */
final readonly class Narrowed
{
    /**
     * @param  list<int>  $products  those that are left, in the order of the list
     * @param  array<string, array<int, int>>  $counts  filter => value => how many products there would be with that
     *     value alone besides what is chosen of the other filters; of all values that the list has, 0 among them
     * @param  array<string, array{int, int}>  $bounds  range => least and most of the whole list, whatever is chosen
     * @param  array{filters: non-empty-list<string>, products: int}|null  $giveUp  where nothing is left: the fewest
     *     filters without which there is something
     */
    public function __construct(
        public array $products,
        public array $counts,
        public array $bounds,
        public ?array $giveUp = null,
    ) {
    }
}
