<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Reach;

/**
 * What a block may ask of the shop beyond the page's subject itself. Lists cost at most two queries each.
 *
 * @phpstan-type Neighbour array{title: string, address: string}
 * @phpstan-type Review array{author: string, stars: int, words: string, day: string}
 * @phpstan-type Shelf array{name: string, address: string, words: string, picture: Picture|null, products: int}
 *
 * @api
 */
interface Shop
{
    public function name(): string;

    public function zone(): ShopZone;

    /**
     * @param  list<Condition>  $conditions
     * @return string|null which of them does not hold for the page's subject, in words; null when all hold
     */
    public function failed(array $conditions): ?string;

    /** The name of a fact or option, deleted ones apart. */
    public function nameOf(string $things, int $id): ?string;

    /** HTML made safe: what may run, load or frame something is gone. */
    public function safe(string $html): string;

    /** HTML that somebody wrote by hand, made safe: more of it stays than of words with marks. */
    public function safeMarkup(string $html): string;

    /**
     * Products as cards: as many queries for one as for all.
     *
     * @param  int|null  $card  the number of the card; the fallback card for null, and for one that is gone
     * @param  list<int>  $ids
     * @return CardList of those that customers can see, in the order asked for
     */
    public function cards(?int $card, array $ids): CardList;

    /** @return array{previous: Neighbour|null, next: Neighbour|null} in the main category, by title */
    public function neighbours(): array;

    /**
     * @param  Reach|null  $rule  null for all products of the shop
     * @param  string  $sort  `new`, `title`, `cheap`, `dear`, `rated` or `saving`
     * @return list<int> published ones that a rule takes
     */
    public function byRule(?Reach $rule, string $sort, int $most): array;

    /**
     * @param  string  $sort  as of rules, or `own`
     * @return list<int> published ones of a collection
     */
    public function ofCollection(int $collection, string $sort, int $most): array;

    /**
     * @param  bool  $details  whether pictures and numbers are wanted: one query
     * @return list<Shelf> the categories right beneath the page's own, or, on a page about something else, those at the
     *     top
     */
    public function beneath(bool $details): array;

    /**
     * @param  string  $things  `category`, `collection` or `brand`
     * @param  list<int>|null  $ids  null for the first of all there are
     * @return list<Shelf> in the order asked for; one query
     */
    public function shelves(string $things, ?array $ids): array;

    /**
     * Pages whose names are near to the address that was asked for.
     *
     * @return list<Neighbour>
     */
    public function nearest(int $most): array;

    /**
     * @param  string  $things  `category`
     * @param  list<int>  $ids
     * @return array<int, Picture> by number, of those that have one; one query
     */
    public function picturesOf(string $things, array $ids): array;

    /** How many things are in the customer's cart. */
    public function inCart(): int;

    /** Whether the customer has closed a notice. */
    public function isClosed(string $notice): bool;

    /** The order of reviews that the customer asked for, if any. */
    public function reviewOrder(): ?string;

    /**
     * @param  string  $sort  `newest`, `highest` or `lowest`
     * @return list<Review> published ones
     */
    public function reviews(string $sort, int $most): array;
}
