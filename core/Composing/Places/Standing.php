<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing\Places;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Templates\Node;

/**
 * One block in its place: how wide it is, and what its children and cards get.
 *
 * @internal
 */
final readonly class Standing
{
    /** Pixels beside a band: `--gutter` is 4 % of the window, from 16 to 40 px. */
    private const GUTTERS = ['desktop' => 40.0, 'tablet' => 32.0, 'phone' => 16.0];

    public Place $outer;

    private Place $inside;

    /**
     * @param  Node  $node  with what stands in it
     * @param  BlockKind|null  $kind  null for one that nobody knows
     */
    public function __construct(
        private Node $node,
        private ?BlockKind $kind,
        bool $isBand,
        Place $place,
        private HouseStyle $house,
    ) {
        $box = new Box($node, $house);
        $this->outer = $box->outer($place);
        $this->inside = $box->inner($this->outer, $isBand ? self::GUTTERS : []);
    }

    /** @param  Node|null  $child  one of its own; null for a card of its list */
    public function roomOf(?Node $child): Place
    {
        return $this->kind instanceof DividesRoom
            ? $this->kind->roomOf($this->node, $child, $this->inside, $this->house)
            : $this->inside;
    }
}
