<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Filters\Packed;

/**
 * A set of products out of packs.
 *
 * @api
 */
final class Found
{
    /** @var array<int, array<int, int>> pack => product => its place, once it was asked for */
    private array $places = [];

    /** @param  array<int, array{Pack, string}>  $packs  number of the pack => those of it that are in the set */
    public function __construct(private readonly array $packs)
    {
    }

    public function count(): int
    {
        return Bits::count(implode('', array_column($this->packs, 1)));
    }

    /** @return list<int> in no order */
    public function ids(): array
    {
        $ids = [];
        foreach ($this->packs as [$pack, $bits]) {
            foreach (Bits::places($bits) as $place) {
                $ids[] = $pack->products[$place];
            }
        }

        return $ids;
    }

    /** @param  int  $pack  that the product would be in */
    public function has(int $product, int $pack): bool
    {
        if (! isset($this->packs[$pack])) {
            return false;
        }
        $place = ($this->places[$pack] ??= $this->packs[$pack][0]->places())[$product] ?? null;

        return $place !== null && Bits::has($this->packs[$pack][1], $place);
    }
}
