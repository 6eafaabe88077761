<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing\Places;

use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Node;

/**
 * What a block's own width, lines and room leave of its place (CSS Box Model 3, border-box).
 *
 * @api
 */
final readonly class Box
{
    private const REM = 16.0;

    private const SIDES = ['Left', 'Right'];

    /** @param  string  $piece  the piece of the block that is meant; empty for the block itself */
    public function __construct(private Node $node, private HouseStyle $house, private string $piece = '')
    {
    }

    /** How wide it is itself. */
    public function outer(Place $place): Place
    {
        if (! $this->says('margin', 'width', 'most')) {
            return $place;
        }

        return $place->map(function (Breadth $room, Width $width): Breadth {
            $outer = $this->sides($room, $width, ['margin']);

            $extent = $this->at('width', $width);

            // A number is a column's part of its band, which shares its room out itself.
            $limited = is_string($extent) ? $this->limited($outer, $extent) : $outer;

            return $this->limited($this->limited($limited, $this->at('mostWidth', $width)), $this->at('most', $width));
        });
    }

    /**
     * What it has for what stands in it.
     *
     * @param  Place  $outer  how wide it is itself
     * @param  array<string, float>  $usual  width => pixels on each side, where nothing is set
     */
    public function inner(Place $outer, array $usual = []): Place
    {
        return $usual === [] && ! $this->says('padding', 'line') ? $outer : $outer->map(
            fn (Breadth $room, Width $width): Breadth =>
                $this->sides($room, $width, ['padding', 'line'], $usual[$width->value] ?? 0.0),
        );
    }

    /** Whether anything that begins so is set of it, at any width. */
    private function says(string ...$beginnings): bool
    {
        foreach ($this->node->how as $values) {
            foreach ($values as $name => $value) {
                foreach ($beginnings as $beginning) {
                    if (str_starts_with($name, $this->piece === '' ? $beginning : "$this->piece.$beginning")) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /** @param  list<string>  $names */
    private function sides(Breadth $room, Width $width, array $names, float $usual = 0.0): Breadth
    {
        $left = $room;
        foreach ($names as $name) {
            foreach (self::SIDES as $side) {
                $said = $this->at($name.$side, $width) ?? $this->at($name, $width)
                    ?? ($name === 'padding' ? $usual : null);
                $left = match (true) {
                    is_string($said) && str_ends_with($said, '%') => self::minus($left, $room, (float) $said / 100),
                    default => $left->less(self::pixels($said, $this->house) ?? 0.0),
                };
            }
        }

        return $left;
    }

    private static function minus(Breadth $left, Breadth $of, float $share): Breadth
    {
        return new Breadth(
            $left->share - $of->share * $share,
            $left->pixels - $of->pixels * $share,
            $left->most === null || $of->most === null ? $left->most : $left->most - $of->most * $share,
        );
    }

    private function limited(Breadth $room, mixed $said): Breadth
    {
        if (is_string($said) && str_ends_with($said, '%')) {
            return $room->times((float) $said / 100);
        }
        $pixels = self::pixels($said, $this->house);

        return $pixels === null ? $room : $room->atMost($pixels);
    }

    /** @return float|null null for what is no length of its own */
    public static function pixels(mixed $said, HouseStyle $house): ?float
    {
        if (is_int($said) || is_float($said)) {
            return (float) $said;
        }
        if (! is_string($said)) {
            return null;
        }
        if (preg_match('/^step-(\d)$/D', $said, $at) === 1) {
            return self::step((int) $at[1], $house);
        }

        return preg_match('/^(-?[\d.]+)(px|rem|em)$/D', $said, $part) === 1
            ? (float) $part[1] * ($part[2] === 'px' ? 1.0 : self::REM)
            : null;
    }

    /** @param  mixed  $said a step by its number, or a length; null for what is usual */
    public static function gap(mixed $said, int $usual, HouseStyle $house): float
    {
        return is_string($said)
            ? self::pixels($said, $house) ?? 0.0
            : self::step(is_int($said) ? $said : $usual, $house);
    }

    public static function step(int $step, HouseStyle $house): float
    {
        return (float) ($house->token("step-$step") ?? 0);
    }

    private function at(string $name, Width $width): mixed
    {
        return $this->node->holding($this->piece === '' ? $name : "$this->piece.$name", $width);
    }
}
