<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * What was set about one piece of a block, by state and width, and what therefore holds: the state's own value, of the
 * nearest width that is as wide or wider; else what holds in the usual state.
 */
final class Resolved
{
    private const WIDER = ['desktop' => ['desktop'], 'tablet' => ['tablet', 'desktop'], 'phone' => ['phone', 'tablet', 'desktop']];

    /** @var array<string, array<string, array<string, mixed>>> state => width => property => value */
    private array $own = [];

    public function set(string $property, PieceState $state, Width $width, mixed $value): void
    {
        $this->own[$state->value][$width->value][$property] = $value;
    }

    /** @return list<PieceState> in the order of their weight, the usual one always */
    public function states(): array
    {
        return array_values(array_filter(PieceState::cases(), fn (PieceState $state): bool => $state === PieceState::Usual || isset($this->own[$state->value])));
    }

    /** Whether anything at all was set about one of these. */
    public function has(string ...$properties): bool
    {
        foreach ($this->own as $widths) {
            foreach ($widths as $values) {
                if (array_intersect_key($values, array_flip($properties)) !== []) {
                    return true;
                }
            }
        }

        return false;
    }

    public function value(string $property, PieceState $state, Width $width): mixed
    {
        return $this->first([$property], $state, $width);
    }

    /** What holds for a part that has values of its own beside those for all parts: of one width the part's own comes first. */
    public function part(string $property, string $all, PieceState $state, Width $width): mixed
    {
        return $this->first([$property, $all], $state, $width);
    }

    /** @param  list<string>  $properties */
    private function first(array $properties, PieceState $state, Width $width): mixed
    {
        foreach ($state === PieceState::Usual ? [PieceState::Usual] : [$state, PieceState::Usual] as $one) {
            foreach (self::WIDER[$width->value] as $wider) {
                foreach ($properties as $property) {
                    if (isset($this->own[$one->value][$wider][$property])) {
                        return $this->own[$one->value][$wider][$property];
                    }
                }
            }
        }

        return null;
    }
}
