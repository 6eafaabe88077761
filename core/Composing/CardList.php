<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Templates\Node;

/** Products to be shown as cards: the card's tree, and what is known of each product. */
final readonly class CardList
{
    /** @param  list<Context>  $contexts  one for each product, in order */
    public function __construct(
        public Node $tree,
        public array $contexts,
    ) {
    }
}
