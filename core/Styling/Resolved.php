<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * What was set about one piece of a block, by state and width, and what therefore holds: the state's own value, of the
 * nearest width that is as wide or wider; else what holds in the usual state. What was set for all sides or corners at
 * once stands for each that has nothing of its own there.
 *
 * @api
 */
final class Resolved
{
    private const WIDER =
        ['desktop' => ['desktop'], 'tablet' => ['tablet', 'desktop'], 'phone' => ['phone', 'tablet', 'desktop']];

    /** @var array<string, array<string, array<string, string>>> state => width => property => CSS */
    private array $own = [];

    /** @var array<string, true> the widths at which anything was set */
    private array $widths = [];

    /** @param  array<string, list<string>>  $parts  the properties that one stands for */
    public function __construct(private readonly array $parts)
    {
    }

    public function set(string $property, PieceState $state, Width $width, string $css): void
    {
        $this->widths[$width->value] = true;
        $this->own[$state->value][$width->value][$property] = $css;
    }

    /** @return list<PieceState> in the order of their weight, the usual one always */
    public function states(): array
    {
        return array_values(array_filter(
            PieceState::cases(),
            fn (PieceState $state): bool => $state === PieceState::Usual || isset($this->own[$state->value]),
        ));
    }

    /** @return list<Width> at which something is set, wider ones first: nothing changes at the others */
    public function widths(): array
    {
        return array_values(
            array_filter(Width::cases(), fn (Width $width): bool => isset($this->widths[$width->value])),
        );
    }

    /** Whether anything was set about one of these at a width or a wider one, in whatever state. */
    public function has(Width $width, string ...$properties): bool
    {
        foreach ($this->own as $widths) {
            foreach (array_intersect_key($widths, array_flip(self::WIDER[$width->value])) as $values) {
                if (array_intersect_key($values, array_flip($properties)) !== []) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array<string, string> property => the CSS of the value that holds */
    public function at(PieceState $state, Width $width): array
    {
        $holds = [];
        foreach ($state === PieceState::Usual ? [PieceState::Usual] : [$state, PieceState::Usual] as $one) {
            foreach (self::WIDER[$width->value] as $wider) {
                $holds += $this->each($this->own[$one->value][$wider] ?? []);
            }
        }

        return $holds;
    }

    /**
     * @param  array<string, string>  $values
     * @return array<string, string> with those for all said of each
     */
    private function each(array $values): array
    {
        foreach (array_intersect_key($this->parts, $values) as $all => $parts) {
            $values += array_fill_keys($parts, $values[$all]);
        }

        return $values;
    }
}
