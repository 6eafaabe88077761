<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing\Places;

/**
 * A width as a share of the window's and pixels beside it, with a limit: `min(share × 100vw + pixels, most)`.
 *
 * @api
 */
final readonly class Breadth
{
    public function __construct(
        public float $share = 1.0,
        public float $pixels = 0.0,
        public ?float $most = null,
    ) {
    }

    public function less(float $pixels): self
    {
        return new self($this->share, $this->pixels - $pixels, $this->most === null ? null : $this->most - $pixels);
    }

    public function times(float $factor): self
    {
        return new self(
            $this->share * $factor,
            $this->pixels * $factor,
            $this->most === null ? null : $this->most * $factor,
        );
    }

    public function atMost(float $pixels): self
    {
        return new self($this->share, $this->pixels, min($pixels, $this->most ?? $pixels));
    }

    /** @param  int  $window  how wide the window is, in pixels */
    public function at(int $window): float
    {
        $wide = $this->share * $window + $this->pixels;

        return max(1.0, $this->most === null ? $wide : min($wide, $this->most));
    }

    /**
     * As a CSS length.
     *
     * @param  int  $from  the narrowest window that it is for
     * @param  int  $to  the widest
     */
    public function css(int $from, int $to): string
    {
        $least = $this->share * $from + $this->pixels;
        $widest = $this->share * $to + $this->pixels;
        if ($this->share <= 0.0 || ($this->most !== null && $least >= $this->most)) {
            return self::pixels($this->at($from));
        }
        $share = self::number($this->share * 100).'vw';
        $pixels = (int) round($this->pixels);
        $wide = $pixels === 0 ? $share : $share.($pixels < 0 ? ' - ' : ' + ').abs($pixels).'px';

        return match (true) {
            $this->most !== null && $widest > $this->most => "min($wide, ".self::pixels($this->most).')',
            $pixels === 0 => $wide,
            default => "calc($wide)",
        };
    }

    private static function pixels(float $pixels): string
    {
        return max(1, (int) round($pixels)).'px';
    }

    private static function number(float $number): string
    {
        return rtrim(rtrim(number_format($number, 1, '.', ''), '0'), '.');
    }
}
