<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages;

/**
 * The kinds of pages, and of what stands on pages, by the name that is stored. What each is stands in PageKinds.
 *
 * @api
 */
enum PageKind: string
{
    case Product = 'product';
    case Collection = 'collection';
    case Category = 'category';
    case AllProducts = 'all-products';
    case Search = 'search';
    case Card = 'card';
    case Header = 'header';
    case Footer = 'footer';
    case Cart = 'cart';
    case Checkout = 'checkout';
    case Brand = 'brand';
    case Tag = 'tag';
    case Home = 'home';
    case Thanks = 'thanks';
    case NotFound = 'not-found';

    /**
     * Its number among the pages that headers and footers stand on. It is kept with their samples, by the order of the
     * cases: a new kind is the last.
     */
    public function number(): int
    {
        return (int) array_search($this, self::cases(), true) + 1;
    }

    /** @return list<self> what headers and footers stand on: everything that is a page by itself */
    public static function pages(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $kind): bool => $kind !== self::Card
            && ! $kind->standsOnPages()));
    }

    /** Whether templates of this kind are judged on the page that they stand on. */
    public function standsOnPages(): bool
    {
        return $this === self::Header || $this === self::Footer;
    }
}
