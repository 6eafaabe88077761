<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages;

/** What a page can be about. */
enum SubjectKind: string
{
    case Product = 'product';
    case Category = 'category';
    case Collection = 'collection';
    case Brand = 'brand';
    case Tag = 'tag';
    case Query = 'query';
    /** Of a page of which there is one, such as the cart. */
    case Nothing = 'nothing';

    /** As in "this category has no description". */
    public function one(): string
    {
        return match ($this) {
            self::Query => 'search',
            self::Nothing => 'page',
            default => $this->value,
        };
    }

    public function many(): string
    {
        return match ($this) {
            self::Category => 'categories',
            self::Query => 'searches',
            default => $this->one().'s',
        };
    }

    /** As in "a category page". */
    public function page(): string
    {
        return $this === self::Nothing ? 'page' : $this->one().' page';
    }

    public function pages(): string
    {
        return $this->page().'s';
    }

    /** Whether it is a set of products with a page of its own. */
    public function holdsProducts(): bool
    {
        return in_array($this, self::ASSORTMENTS, true);
    }

    /** Every kind of subject that is a set of products with a name. */
    public const ASSORTMENTS = [self::Category, self::Collection, self::Brand, self::Tag];
}
