<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Filters\Packed;

/**
 * What a list comes to once it is narrowed: the same as Narrowed, of which only the products are not listed yet.
 *
 * @api
 */
final readonly class NarrowedPacks
{
    /**
     * @param  Found  $found  those that are left
     * @param  array<string, array<int, int>>  $counts  as of Narrowed
     * @param  array<string, array{int, int}>  $bounds
     * @param  array{filters: non-empty-list<string>, products: int}|null  $giveUp
     */
    public function __construct(
        public Found $found,
        public int $total,
        public array $counts,
        public array $bounds,
        public ?array $giveUp = null,
    ) {
    }
}
