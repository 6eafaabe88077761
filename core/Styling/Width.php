<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * The widths a style can be set for. Desktop is the base; a narrower one inherits from the wider ones until it has
 * its own value. Limits in CSS pixels.
 *
 * @api
 */
enum Width: string
{
    case Desktop = 'desktop';
    case Tablet = 'tablet';
    case Phone = 'phone';

    /** From how many pixels on it begins; the Studio has the same, generated from here. */
    public function begins(): int
    {
        return match ($this) {
            self::Desktop => 900,
            self::Tablet => 640,
            self::Phone => 0,
        };
    }

    /** The media query that a rule for this width stands in; null for the base. */
    public function media(): ?string
    {
        $wider = $this->wider();

        return $wider === null ? null : '(max-width:'.($wider->begins() - 1).'px)';
    }

    /** The media query for this width alone. */
    public function onlyMedia(): string
    {
        $from = $this->begins() === 0 ? null : "(min-width:{$this->begins()}px)";

        return implode(' and ', array_filter([$from, $this->media()]));
    }

    private function wider(): ?self
    {
        return match ($this) {
            self::Desktop => null,
            self::Tablet => self::Desktop,
            self::Phone => self::Tablet,
        };
    }
}
