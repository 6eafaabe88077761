<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

/**
 * What somebody asked of a page, beyond which page it is. Untrusted, but of the right types.
 *
 * @api
 */
final readonly class Visit
{
    /**
     * @param  array<int, int>  $wishes  option id => value id
     * @param  string  $reviews  the order of reviews; empty: as the page has it
     * @param  int  $page  of its list of products, from 1
     * @param  string  $sort  the order of its list of products; empty: as the page has it
     * @param  int  $perPage  how many of them at once; 0: as the page has it
     * @param  string  $address  that was asked for where nothing is
     * @param  list<string>  $closed  the notices that were closed, by their marks
     * @param  array<int, array<int, int>>  $besides  product id => wishes, for other products that the page shows
     * @param  array<array-key, mixed>  $filters  whatever else the address says: what filters are to read
     */
    public function __construct(
        public array $wishes = [],
        public string $reviews = '',
        public int $page = 1,
        public string $sort = '',
        public int $perPage = 0,
        public array $filters = [],
        public string $address = '',
        public array $closed = [],
        public array $besides = [],
    ) {
    }
}
