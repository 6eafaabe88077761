<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Band;

use Vestibra\Core\Composing\Places\Box;
use Vestibra\Core\Composing\Places\Breadth;
use Vestibra\Core\Composing\Places\Place;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Node;

/**
 * How a band's columns share its room, as its styles do: shares of what those in per cent leave (CSS Flexbox 1, 9.7).
 */
final readonly class Columns
{
    private const GAP = 6;

    public function __construct(private Node $band, private HouseStyle $house)
    {
    }

    public function roomOf(Node $column, Place $inside): Place
    {
        return $inside->map(function (Breadth $room, Width $width) use ($column): Breadth {
            $wide = $this->band->holding('width', $width) === 'full'
                ? $room
                : $room->atMost((float) $this->house->token('content-width'));
            $stack = $this->band->holding('stack', $width) ?? ($width === Width::Phone ? 'column' : 'row');

            return $stack === 'row' ? $this->beside($column, $wide, $width) : $wide;
        });
    }

    private function beside(Node $column, Breadth $room, Width $width): Breadth
    {
        $columns = array_filter($this->band->children, static fn (Node $one): bool => $one->isOn($width));
        $gaps = max(0, count($columns) - 1) * Box::gap($this->band->holding('gap', $width), self::GAP, $this->house);
        $fixed = $shares = 0.0;
        foreach ($columns as $one) {
            $part = self::fixed($one, $width);
            $fixed += $part ?? 0.0;
            $shares += $part === null ? self::share($one, $width) : 0.0;
        }
        $part = self::fixed($column, $width);

        return match (true) {
            $part === null => $room->times(max(0.0, 1 - $fixed))->less($gaps)
                ->times(self::share($column, $width) / max(1.0, $shares)),
            $shares > 0.0 => $room->times($part),
            default => $room->times($part)->less($gaps * $part / $fixed),
        };
    }

    private static function fixed(Node $column, Width $width): ?float
    {
        $part = $column->holding('width', $width);

        return is_int($part) ? $part / 100 : null;
    }

    private static function share(Node $column, Width $width): float
    {
        $share = $column->holding('share', $width);

        return is_int($share) ? (float) $share : 1.0;
    }
}
