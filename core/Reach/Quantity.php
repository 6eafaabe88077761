<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * A whole number that a page may have and that a check compares.
 *
 * @api
 */
enum Quantity: string
{
    /** The lowest current price of its variants, sold out or not, in minor units. */
    case Price = 'price';
    /** 1 where some variant is on sale now, else 0. */
    case Sale = 'sale';
    /** The sum of the stock of its variants, negative taken as 0; a page without one where a variant is not counted. */
    case Stock = 'stock';
    /** As stock, but the greatest number where a variant is not counted. */
    case Supply = 'supply';
    /** Published reviews. */
    case Reviews = 'reviews';
    /** First published, in seconds of Unix time. */
    case Added = 'added';
    /** Its own pictures, and its variants'. */
    case Pictures = 'pictures';
    /** Published variants. */
    case Variants = 'variants';
    /** Products beneath a category or in a collection. */
    case Products = 'products';
    /** All hits of a query, before filters and paging. */
    case Results = 'results';
    /** 1 where a category or collection has a description, or a product one with words or a picture; else 0. */
    case Described = 'described';
}
