<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing\Places;

use Vestibra\Core\Styling\Width;

/**
 * How wide the place of something is, at each width of the window.
 *
 * @api
 */
final class Place
{
    /** Windows by which a size is chosen where only one can be, in pixels. */
    private const WINDOWS = ['desktop' => 1920, 'tablet' => 899, 'phone' => 639];

    /** Wider windows are not counted with. */
    private const WIDEST = 9999;

    private static ?self $window = null;

    private ?float $most = null;

    /** @var array<int, string> by whether phones are told too */
    private array $sizes = [];

    private function __construct(
        private readonly Breadth $desktop,
        private readonly Breadth $tablet,
        private readonly Breadth $phone,
    ) {
    }

    /** As wide as the window. */
    public static function window(): self
    {
        return self::$window ??= new self(new Breadth, new Breadth, new Breadth);
    }

    /** So wide whatever the window. */
    public static function fixed(float $pixels): self
    {
        $room = new Breadth(0.0, $pixels);

        return new self($room, $room, $room);
    }

    /** @param  callable(Breadth, Width): Breadth  $change */
    public function map(callable $change): self
    {
        return new self(
            $change($this->desktop, Width::Desktop),
            $change($this->tablet, Width::Tablet),
            $change($this->phone, Width::Phone),
        );
    }

    public function at(Width $width): Breadth
    {
        return match ($width) {
            Width::Desktop => $this->desktop,
            Width::Tablet => $this->tablet,
            Width::Phone => $this->phone,
        };
    }

    /** How many pixels it takes at a width, on a screen of one pixel a point. */
    public function pixels(Width $width): float
    {
        return $this->at($width)->at(self::WINDOWS[$width->value]);
    }

    /** How many pixels it takes at most. */
    public function most(): float
    {
        return $this->most ??= max(array_map($this->pixels(...), Width::cases()));
    }

    /**
     * What the attribute `sizes` says (HTML, source size list).
     *
     * @param  bool  $withPhone  without phones where something else is said to them
     */
    public function sizes(bool $withPhone = true): string
    {
        return $this->sizes[(int) $withPhone] ??= $this->said($withPhone);
    }

    private function said(bool $withPhone): string
    {
        $said = [];
        foreach ($withPhone ? [Width::Phone, Width::Tablet] : [Width::Tablet] as $width) {
            $said[] = [(string) $width->media(), $this->css($width)];
        }
        $last = $this->css(Width::Desktop);
        while ($said !== [] && $said[count($said) - 1][1] === $last) {
            array_pop($said);
        }
        if (count($said) === 2 && $said[0][1] === $said[1][1]) {
            array_shift($said);
        }

        return implode(',', [...array_map(static fn (array $one): string => implode(' ', $one), $said), $last]);
    }

    public function css(Width $width): string
    {
        $to = match ($width) {
            Width::Desktop => self::WIDEST,
            Width::Tablet => Width::Desktop->begins() - 1,
            Width::Phone => Width::Tablet->begins() - 1,
        };

        return $this->at($width)->css(max(320, $width->begins()), $to);
    }
}
