<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * The groups of the shelf: what a block does for the customer.
 *
 * @api
 */
enum Shelf: string
{
    case Show = 'show';
    case Choose = 'choose';
    case Reassure = 'reassure';
    case More = 'more';
    case Say = 'say';
    case Arrange = 'arrange';
}
