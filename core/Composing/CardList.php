<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Templates\Node;

/**
 * Products to be shown as cards: the card's tree, and what is known of each product.
 *
 * @api
 */
final readonly class CardList
{
    /**
     * @param  list<Context>  $contexts  one for each product, in order
     * @param  list<string>|null  $only  the blocks right on it that are wanted; null for all
     * @param  array<int, Picture>  $pictures  that the card itself names, by id: its styles are there before its first
     *     product is
     */
    public function __construct(
        public Node $tree,
        public array $contexts,
        public ?array $only = null,
        public array $pictures = [],
    ) {
    }
}
