<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

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

    /** Its number among the aspects of a header's page. */
    public function number(): int
    {
        return (int) array_search($this, self::cases(), true) + 1;
    }

    /** Whether templates of this kind are judged on the page that they stand on. */
    public function standsOnPages(): bool
    {
        return $this === self::Header || $this === self::Footer;
    }
}
