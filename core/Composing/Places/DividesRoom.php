<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing\Places;

use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Templates\Node;

/**
 * A kind of block that does not give all of its room to each of its children.
 *
 * @api
 */
interface DividesRoom
{
    /**
     * @param  Node|null  $child  one of its own; null for a card of its list
     * @param  Place  $inside  the room that it has
     */
    public function roomOf(Node $node, ?Node $child, Place $inside, HouseStyle $house): Place;
}
