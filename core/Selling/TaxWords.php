<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling;

/**
 * What is said about tax beside a price.
 *
 * @api
 */
enum TaxWords: string
{
    case None = 'none';
    /** Prices are with tax. */
    case Included = 'included';
    /** Prices are without tax, which is added at the checkout. */
    case Added = 'added';
}
