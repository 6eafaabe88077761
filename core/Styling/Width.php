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

    /** The media query that a rule for this width stands in; null for the base. */
    public function media(): ?string
    {
        return match ($this) {
            self::Desktop => null,
            self::Tablet => '(max-width:899px)',
            self::Phone => '(max-width:639px)',
        };
    }

    /** The media query for this width alone. */
    public function onlyMedia(): string
    {
        return match ($this) {
            self::Desktop => '(min-width:900px)',
            self::Tablet => '(min-width:640px) and (max-width:899px)',
            self::Phone => '(max-width:639px)',
        };
    }
}
