<?php

declare(strict_types=1);

namespace Vestibra\Demo\Drawing;

use GdImage;

/**
 * A square to draw flat shapes on, 1000 units wide. Kept at 800, 400 and 160 pixels; drawn twice as large to be smooth.
 */
final class Canvas
{
    private const SIZE = 1600;

    private const UNIT = 1.6;

    private GdImage $image;

    public function __construct(string $ground)
    {
        $this->image = imagecreatetruecolor(self::SIZE, self::SIZE);
        imagefill($this->image, 0, 0, $this->colour($ground));
    }

    public function rect(float $x, float $y, float $width, float $height, string $colour, float $radius = 0): self
    {
        $c = $this->colour($colour);
        $r = min($radius, $width / 2, $height / 2);
        [$left, $top, $right, $bottom] = $this->px($x, $y, $x + $width, $y + $height);
        $round = (int) round($r * self::UNIT);
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

        return $this;
    }

    public function ellipse(float $x, float $y, float $width, float $height, string $colour): self
    {
        [$cx, $cy, $w, $h] = $this->px($x, $y, $width, $height);
        imagefilledellipse($this->image, $cx, $cy, $w, $h, $this->colour($colour));

        return $this;
    }

    /** @param  list<float|int>  $points x, y, x, y, … */
    public function shape(array $points, string $colour): self
    {
        imagefilledpolygon($this->image, $this->px(...$points), $this->colour($colour));

        return $this;
    }

    /** A bar with round ends between two points. */
    public function bar(float $x1, float $y1, float $x2, float $y2, float $width, string $colour): self
    {
        $length = hypot($x2 - $x1, $y2 - $y1) ?: 1;
        $dx = -($y2 - $y1) / $length * $width / 2;
        $dy = ($x2 - $x1) / $length * $width / 2;

        return $this
            ->shape([$x1 + $dx, $y1 + $dy, $x2 + $dx, $y2 + $dy, $x2 - $dx, $y2 - $dy, $x1 - $dx, $y1 - $dy], $colour)
            ->ellipse($x1, $y1, $width, $width, $colour)
            ->ellipse($x2, $y2, $width, $width, $colour);
    }

    /**
     * A wavy line, as of a pen that was tried out.
     */
    public function wave(
        float $x,
        float $y,
        float $length,
        float $height,
        float $turns,
        float $width,
        string $colour,
    ): self {
        $steps = (int) $length;
        for ($step = 0; $step <= $steps; $step++) {
            $part = $step / $steps;
            $this
                ->ellipse($x + $part * $length, $y - sin($part * $turns * 2 * M_PI) * $height, $width, $width, $colour);
        }

        return $this;
    }

    /** Writes `$file-800.webp`, `$file-400.webp` and `$file-160.webp`. */
    public function save(string $file): void
    {
        $large = imagecreatetruecolor(800, 800);
        $small = imagecreatetruecolor(400, 400);
        imagecopyresampled($large, $this->image, 0, 0, 0, 0, 800, 800, self::SIZE, self::SIZE);
        imagecopyresampled($small, $large, 0, 0, 0, 0, 400, 400, 800, 800);
        imagewebp($large, "$file-800.webp", 84);
        imagewebp($small, "$file-400.webp", 84);
        $tiny = imagecreatetruecolor(160, 160);
        imagecopyresampled($tiny, $large, 0, 0, 0, 0, 160, 160, 800, 800);
        imagewebp($tiny, "$file-160.webp", 84);
    }

    /** Lighter (above 0, up to 1) or darker (below 0, down to -1). */
    public static function shade(string $colour, float $by): string
    {
        $parts = array_map(hexdec(...), str_split(ltrim($colour, '#'), 2));
        $target = $by > 0 ? 255 : 0;

        return '#'.implode('', array_map(
            static fn (int|float $part): string => sprintf('%02x', (int) round($part + ($target - $part) * abs($by))),
            $parts,
        ));
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
        return array_values(array_map(static fn (float|int $unit): int => (int) round($unit * self::UNIT), $units));
    }
}
