<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing\Structured;

/**
 * What a page can say of itself, each in the terms of schema.org.
 *
 * @api
 */
enum StructuredPart
{
    /** ListItems. */
    case Breadcrumbs;
    /** What an ItemList has. */
    case Products;
    case Name;
    case Description;
    /** A Brand. */
    case Brand;
    /** Addresses. */
    case Images;
    case Sku;
    case Gtin;
    /** An Offer or AggregateOffer, as the price is shown. */
    case Price;
    /** An Offer of each variant that customers can choose. */
    case Variants;
    /** An ItemAvailability. */
    case Availability;
    /** An AggregateRating. */
    case Rating;
    /** Reviews. */
    case Reviews;

    public const IN_STOCK = 'https://schema.org/InStock';

    public const OUT_OF_STOCK = 'https://schema.org/OutOfStock';
}
