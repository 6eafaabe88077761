<?php

declare(strict_types=1);

namespace Vestibra\Demo\Drawing;

use GdImage;

/** A square of pixels on which shapes are drawn, in units of the drawing. */
final readonly class Sheet
{
    public GdImage $image;

    /** @param  float  $unit  pixels to a unit */
    public function __construct(string $ground, int $pixels, private float $unit)
    {
        $this->image = imagecreatetruecolor(max(1, $pixels), max(1, $pixels));
        imagefill($this->image, 0, 0, $this->colour($ground));
    }

    public function rect(float $x, float $y, float $width, float $height, string $colour, float $radius): void
    {
        $c = $this->colour($colour);
        $r = min($radius, $width / 2, $height / 2);
        [$left, $top, $right, $bottom] = $this->px($x, $y, $x + $width, $y + $height);
        $round = (int) round($r * $this->unit);
        imagefilledrectangle($this->image, $left + $round, $top, $right - $round, $bottom, $c);
        if ($round > 0) {
            imagefilledrectangle($this->image, $left, $top + $round, $right, $bottom - $round, $c);
            foreach ([
                [$left + $round, $top + $round], [$right - $round, $top + $round], [$left + $round, $bottom - $round],
                [$right - $round, $bottom - $round],
            ] as [$cx, $cy]) {
                imagefilledellipse($this->image, $cx, $cy, 2 * $round, 2 * $round, $c);
            }
        }
    }

    public function ellipse(float $x, float $y, float $width, float $height, string $colour): void
    {
        [$cx, $cy, $w, $h] = $this->px($x, $y, $width, $height);
        imagefilledellipse($this->image, $cx, $cy, $w, $h, $this->colour($colour));
    }

    /** @param  list<float|int>  $points x, y, x, y, … */
    public function shape(array $points, string $colour): void
    {
        imagefilledpolygon($this->image, $this->px(...$points), $this->colour($colour));
    }

    private function colour(string $hex): int
    {
        [$red, $green, $blue] = array_map(
            static fn (string $part): int => max(0, min(255, (int) hexdec($part))),
            str_split(ltrim($hex, '#'), 2),
        );

        return (int) imagecolorallocate($this->image, $red, $green, $blue);
    }

    /** @return list<int> */
    private function px(float|int ...$units): array
    {
        return array_values(array_map(fn (float|int $unit): int => (int) round($unit * $this->unit), $units));
    }
}
