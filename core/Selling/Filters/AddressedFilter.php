<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Filters;

/**
 * A filter as an address speaks of it. Names and labels are for people; what counts is the mark and the numbers behind
 * them.
 *
 * @api
 */
final readonly class AddressedFilter
{
    /**
     * @param  string  $name  in addresses, as `colour`
     * @param  string  $mark  behind the name, which stays when that changes: `o3` of an option, `f7` of a fact; empty
     *     where there is one such filter alone, as `brand`
     * @param  array<int, string>|null  $labels  value => as an address has it, as `teal`; null while they are not
     *     known: then any number is taken
     * @param  int  $decimals  of a range: how many of a written number's digits stand behind the point
     */
    public function __construct(
        public Filter $filter,
        public string $name,
        public string $mark = '',
        public ?array $labels = [],
        public int $decimals = 0,
    ) {
    }

    /** Its parameter in an address, as `colour-o3`. */
    public function parameter(): string
    {
        return $this->mark === '' ? $this->name : "$this->name-$this->mark";
    }
}
