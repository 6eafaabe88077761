<?php

declare(strict_types=1);

namespace Vestibra\Blocks\ProductGrid;

use Vestibra\Core\Composing\Places\Box;
use Vestibra\Core\Composing\Places\Breadth;
use Vestibra\Core\Composing\Places\Place;
use Vestibra\Core\Styling\Eased;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Node;

/** How wide a card of a list is, as the list's styles lay it out. */
final readonly class Cards
{
    private const GAP = 4;

    /** In a row, where nothing is set. */
    private const IN_A_ROW = ['desktop' => 4, 'tablet' => 3, 'phone' => 2];

    /** What a narrower width takes of a wider one's number. */
    public const MOST_IN_A_ROW = ['tablet' => 4, 'phone' => 2];

    /** The picture's column of a list whose cards stand one below another, in pixels. */
    private const BESIDE = ['desktop' => 120.0, 'tablet' => 120.0, 'phone' => 84.0];

    public function __construct(private Node $list, private HouseStyle $house)
    {
    }

    public function room(Place $inside): Place
    {
        return $inside->map(fn (Breadth $room, Width $width): Breadth => match ($this->list->what['layout'] ?? 'grid') {
            'list' => $room->atMost(self::BESIDE[$width->value]),
            'row' => $this->sliding($room, $width),
            default => $this->beside($room, $width, $this->inARow($width) ?? self::IN_A_ROW[$width->value]),
        });
    }

    private function sliding(Breadth $room, Width $width): Breadth
    {
        $fixed = $this->fixed($width);
        $inARow = $this->inARow($width);

        return match (true) {
            $fixed !== null => $room->atMost($fixed),
            $inARow === null && $width === Width::Phone => $room->times(0.44),
            default => $this->beside($room, $width, $inARow ?? self::IN_A_ROW[$width->value], false),
        };
    }

    private function beside(Breadth $room, Width $width, int $inARow, bool $filled = true): Breadth
    {
        $gap = Box::gap($this->list->holding('gap', $width), self::GAP, $this->house);
        $fixed = $filled ? $this->fixed($width) : null;
        if ($fixed !== null) {
            $wide = $room->at(match ($width) {
                Width::Desktop => 1280,
                Width::Tablet => 820,
                Width::Phone => 390,
            });
            $inARow = max(1, (int) floor(($wide + $gap) / ($fixed + $gap)));
        }

        return $room->less(($inARow - 1) * $gap)->times(1 / $inARow);
    }

    private function fixed(Width $width): ?float
    {
        $wide = $this->list->holding('cardWidth', $width);

        return is_int($wide) ? (float) $wide : null;
    }

    private function inARow(Width $width): ?int
    {
        $own = [];
        foreach (Width::cases() as $case) {
            $said = $this->list->how[$case->value]['perRow'] ?? null;
            $own[$case->value] = is_int($said) ? $said : null;
        }

        return Eased::at($own, self::MOST_IN_A_ROW)[$width->value];
    }
}
