<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Search;

/**
 * What of a product is searched, in the order of the index.
 *
 * @api
 */
enum SearchField: string
{
    case Title = 'title';
    case Options = 'options';
    case Brand = 'brand';
    case Categories = 'categories';
    case Tags = 'tags';
    case Codes = 'codes';
    case Facts = 'facts';
    case Short = 'short';
    case Description = 'description';

    /** How much a word in it counts, from 0 (not at all) to 10, unless the shop says otherwise. */
    public function usualWeight(): int
    {
        return match ($this) {
            self::Title => 10,
            self::Brand => 6,
            self::Categories, self::Codes => 5,
            self::Options, self::Tags => 4,
            self::Facts, self::Short => 2,
            self::Description => 1,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Title => 'title',
            self::Options => 'options',
            self::Brand => 'brand',
            self::Categories => 'categories, and those above them',
            self::Tags => 'tags',
            self::Codes => 'codes',
            self::Facts => 'facts',
            self::Short => 'short description',
            self::Description => 'description',
        };
    }
}
