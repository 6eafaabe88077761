<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Templates\Node;

/**
 * What the blocks in a holder are about: as a rule the page's product, else the one that the owner chose for it.
 *
 * @api
 */
final readonly class About
{
    /** @param  Node  $inside  the holder with what this product has elsewhere put into it */
    public function __construct(
        public Context $context,
        public Node $inside,
    ) {
    }
}
