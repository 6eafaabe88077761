<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

/**
 * The products of a page as far as it shows them.
 *
 * @api
 */
final readonly class Listed
{
    /**
     * @param  list<int>  $ids  of the products
     * @param  int  $total  of all its pages
     * @param  int  $page  from 1, never beyond the last
     * @param  int  $pages  at least 1
     * @param  list<string>  $sorts  the orders that there are
     * @param  int  $perPage  how many stand on a page
     * @param  list<int>  $perPageChoices  what customers may choose from
     * @param  array<string, string|int>  $asked  what somebody asked for, as it stands in the address: it stays
     * @param  ListNarrowing  $narrowed  by which filters
     * @param  SearchSaid|null  $said  of a search
     */
    public function __construct(
        public array $ids,
        public int $total,
        public int $page,
        public int $pages,
        public string $sort,
        public array $sorts,
        public int $perPage = 12,
        public array $perPageChoices = [],
        public array $asked = [],
        public ListNarrowing $narrowed = new ListNarrowing,
        public ?SearchSaid $said = null,
    ) {
    }

    /** @return int the place of the first that is shown among all of them; 0 where there is none */
    public function from(): int
    {
        return $this->total === 0 ? 0 : ($this->page - 1) * $this->perPage + 1;
    }

    public function to(): int
    {
        return min($this->total, $this->page * $this->perPage);
    }

    /** @return string the address of another page of the list, from the page itself */
    public function address(int $page): string
    {
        return self::query($this->asked + ($page === 1 ? [] : ['page' => $page]));
    }

    /**
     * @param  array<string, string|int>  $asked
     * @return string from the page itself; what needs no sign of its own in an address stands there as it is
     */
    public static function query(array $asked): string
    {
        return '?'.http_build_query($asked);
    }
}
