<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages;

/**
 * What a page can be about.
 *
 * @api
 */
enum SubjectKind: string
{
    case Product = 'product';
    case Category = 'category';
    case Collection = 'collection';
    case Brand = 'brand';
    case Tag = 'tag';
    case Query = 'search';
    case AllProducts = 'all-products';
    case Home = 'home';
    /** An address where nothing is. */
    case NotFound = 'not-found';
    case Cart = 'cart';
    case Checkout = 'checkout';
    /** Any page of the shop: what headers and footers stand on. */
    case AnyPage = 'page';
    /** Of a page of which there is one and which says nothing of its own. */
    case Nothing = 'nothing';

    /** As in "this category has no description". */
    public function one(): string
    {
        return match ($this) {
            self::Query => 'search',
            self::Nothing => 'page',
            self::Home => 'home page',
            self::NotFound => 'page for wrong addresses',
            self::AllProducts => 'page of all products',
            default => $this->value,
        };
    }

    public function many(): string
    {
        return match ($this) {
            self::Category => 'categories',
            self::Query => 'searches',
            self::AllProducts => 'pages of all products',
            self::NotFound => 'pages for wrong addresses',
            default => $this->one().'s',
        };
    }

    /** As in "a category page". */
    public function page(): string
    {
        return $this->isSingle() || $this === self::AnyPage ? $this->one() : $this->one().' page';
    }

    public function pages(): string
    {
        return in_array($this, [self::AllProducts, self::NotFound], true) ? $this->many() : $this->page().'s';
    }

    /** Whether its page lists products of its own. */
    public function holdsProducts(): bool
    {
        return in_array($this, self::LISTINGS, true);
    }

    /** Whether there is one page about it. */
    public function isSingle(): bool
    {
        return in_array(
            $this,
            [self::Nothing, self::Home, self::NotFound, self::AllProducts, self::Cart, self::Checkout],
            true,
        );
    }

    /** Every kind of subject that is a set of products with a name. */
    public const ASSORTMENTS = [self::Category, self::Collection, self::Brand, self::Tag];

    /** Every kind of subject whose page lists products of its own. */
    public const LISTINGS = [...self::ASSORTMENTS, self::AllProducts, self::Query];
}
