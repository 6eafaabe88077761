<?php

declare(strict_types=1);

namespace Vestibra\Demo\Drawing;

use Closure;
use GdImage;

/**
 * A square to draw flat shapes on, 1000 units wide. It is drawn twice as large as it is kept, to be smooth.
 */
final class Canvas
{
    private const UNITS = 1000;

    /** The sizes that are kept, in pixels, each narrower than the one before. */
    private const KEPT = [1600, 800, 400, 160];

    private const QUALITY = 84;

    /** @var list<Closure(Sheet): void> */
    private array $shapes = [];

    public function __construct(private readonly string $ground)
    {
    }

    public function rect(float $x, float $y, float $width, float $height, string $colour, float $radius = 0): self
    {
        return $this->with(static fn (Sheet $sheet) => $sheet->rect($x, $y, $width, $height, $colour, $radius));
    }

    public function ellipse(float $x, float $y, float $width, float $height, string $colour): self
    {
        return $this->with(static fn (Sheet $sheet) => $sheet->ellipse($x, $y, $width, $height, $colour));
    }

    /** @param  list<float|int>  $points x, y, x, y, … */
    public function shape(array $points, string $colour): self
    {
        return $this->with(static fn (Sheet $sheet) => $sheet->shape($points, $colour));
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
        $drawn = static function (Sheet $sheet) use ($x, $y, $length, $height, $turns, $width, $colour): void {
            $steps = (int) $length;
            for ($step = 0; $step <= $steps; $step++) {
                $part = $step / $steps;
                $down = $y - sin($part * $turns * 2 * M_PI) * $height;
                $sheet->ellipse($x + $part * $length, $down, $width, $width, $colour);
            }
        };

        return $this->with($drawn);
    }

    /**
     * Writes `$file-800.webp`, `$file-400.webp` and so on.
     *
     * @param  int  $widest  the widest of them, in pixels
     */
    public function save(string $file, int $widest): void
    {
        $sheet = new Sheet($this->ground, 2 * $widest, 2 * $widest / self::UNITS);
        foreach ($this->shapes as $shape) {
            $shape($sheet);
        }
        $from = $sheet->image;
        foreach (array_filter(self::KEPT, static fn (int $size): bool => $size <= $widest) as $size) {
            $from = self::smaller($from, $size);
            imagewebp($from, "$file-$size.webp", self::QUALITY);
        }
    }

    /** Of one twice as large, each four pixels become one. */
    private static function smaller(GdImage $from, int $size): GdImage
    {
        $half = imagesx($from) === 2 * $size ? imagescale($from, $size, $size, IMG_BILINEAR_FIXED) : false;
        if ($half instanceof GdImage) {
            return $half;
        }
        $sized = imagecreatetruecolor(max(1, $size), max(1, $size));
        imagecopyresampled($sized, $from, 0, 0, 0, 0, $size, $size, imagesx($from), imagesy($from));

        return $sized;
    }

    /** @param  Closure(Sheet): void  $shape */
    private function with(Closure $shape): self
    {
        $this->shapes[] = $shape;

        return $this;
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
}
