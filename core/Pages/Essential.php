<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages;

/** What a page cannot do without, and a block may be. */
enum Essential: string
{
    case Price = 'price';
    case Buy = 'buy';
    /** The products of the page, wherever it is a set of them. */
    case Products = 'products';
}
