<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * What is kept elsewhere and stands in a place for it.
 *
 * @api
 */
enum FilledWith: string
{
    /** A shared part, by its number. */
    case Part = 'part';
    /** What the product has as a fact of the kind blocks. */
    case OwnBlocks = 'own-blocks';
}
