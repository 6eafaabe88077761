<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

/**
 * The products of a page as far as it shows them.
 *
 * @phpstan-import-type Card from Shop
 */
final readonly class Listed
{
    /**
     * @param  list<Card>  $cards
     * @param  int  $total  of all its pages
     * @param  int  $page  from 1, never beyond the last
     * @param  int  $pages  at least 1
     * @param  list<string>  $sorts  the orders that there are
     * @param  bool  $asked  whether somebody asked for the order: then it stays
     */
    public function __construct(
        public array $cards,
        public int $total,
        public int $page,
        public int $pages,
        public string $sort,
        public array $sorts,
        private bool $asked = false,
    ) {
    }

    /** @return string the address of another page of the list, from the page itself */
    public function address(int $page): string
    {
        return '?'.http_build_query(($this->asked ? ['sort' => $this->sort] : []) + ['page' => $page]);
    }
}
