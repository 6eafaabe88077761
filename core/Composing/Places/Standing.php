<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing\Places;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Templates\Node;

/**
 * One block in its place: how wide it is, and what its children and cards get. It is worked out when somebody asks, and
 * once for all cards of a list.
 *
 * @internal
 */
final class Standing
{
    /** Pixels beside a band: `--gutter` is 4 % of the window, from 16 to 40 px. */
    private const GUTTERS = ['desktop' => 40.0, 'tablet' => 32.0, 'phone' => 16.0];

    private ?Place $outer = null;

    private ?Place $inside = null;

    /** @var array<string, self> what stands in it, by id */
    private array $within = [];

    /**
     * @param  Node  $node  with what stands in it
     * @param  BlockKind|null  $kind  null for one that nobody knows
     * @param  bool  $isCard  whether it is a card of what it stands in, and none of its blocks
     */
    private function __construct(
        public readonly Node $node,
        private readonly ?BlockKind $kind,
        private readonly bool $isBand,
        public readonly HouseStyle $house,
        private readonly ?self $around,
        private readonly bool $isCard,
    ) {
    }

    public static function page(Node $node, ?BlockKind $kind, HouseStyle $house): self
    {
        return new self($node, $kind, false, $house, null, false);
    }

    public function with(Node $node, ?BlockKind $kind, bool $isBand, bool $isCard = false): self
    {
        $known = $this->within[$node->id] ?? null;

        return $known !== null && $known->node === $node
            ? $known
            : $this->within[$node->id] = new self($node, $kind, $isBand, $this->house, $this, $isCard);
    }

    /** How wide it is itself. */
    public function outer(): Place
    {
        return $this->outer ??= (new Box($this->node, $this->house))->outer(
            $this->around === null ? Place::window() : $this->around->roomOf($this->isCard ? null : $this->node),
        );
    }

    /** What it has for what stands in it. */
    public function inside(): Place
    {
        return $this->inside ??=
            (new Box($this->node, $this->house))->inner($this->outer(), $this->isBand ? self::GUTTERS : []);
    }

    private function roomOf(?Node $child): Place
    {
        return $this->kind instanceof DividesRoom
            ? $this->kind->roomOf($this->node, $child, $this->inside(), $this->house)
            : $this->inside();
    }
}
