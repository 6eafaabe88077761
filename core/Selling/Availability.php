<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling;

/**
 * How an option's value stands beside what has been chosen of the other options.
 *
 * @internal
 */
enum Availability: string
{
    case Available = 'available';
    case SoldOut = 'sold-out';
    case NotMade = 'not-made';
}
