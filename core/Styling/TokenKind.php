<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * What a token of a house style says, and how it is written.
 *
 * @api
 */
enum TokenKind: string
{
    /** `#rrggbb`: what the roles are made of. */
    case Paint = 'paint';
    /** A role, or a role with its opacity in per cent as `ink/40`. */
    case Role = 'role';
    case Font = 'font';
    case Pixels = 'pixels';
    case Number = 'number';
    case Shadow = 'shadow';

    private const SHADOW = '#^(?:none|(-?\d{1,3}) (-?\d{1,3}) (\d{1,3}) (-?\d{1,3}) ([a-z-]+)/([1-9]\d?))$#D';

    /** Whether a value can stand in a token, whatever its limits. */
    public function takes(string $value): bool
    {
        return match ($this) {
            self::Paint => preg_match('/^#[0-9a-f]{6}$/D', $value) === 1,
            self::Role => preg_match('#^([a-z-]+)(?:/[1-9]\d?)?$#D', $value, $part) === 1
                && (in_array($part[1], HouseStyle::roles(), true) || $value === 'none'),
            self::Font => Fonts::knows($value),
            self::Pixels => preg_match('/^-?\d{1,4}(?:\.\d)?$/D', $value) === 1,
            self::Number => preg_match('/^-?\d{1,3}(?:\.\d{1,3})?$/D', $value) === 1,
            self::Shadow => preg_match(self::SHADOW, $value, $part) === 1
                && (! isset($part[5]) || in_array($part[5], HouseStyle::roles(), true)),
        };
    }

    public function css(string $value): string
    {
        return match ($this) {
            self::Paint, self::Number => $value,
            self::Font => Fonts::stack($value),
            self::Pixels => (float) $value === 0.0 ? '0px' : "{$value}px",
            self::Role => self::role($value),
            self::Shadow => self::shadow($value),
        };
    }

    private static function role(string $value): string
    {
        [$role, $opacity] = explode('/', "$value/");

        return match (true) {
            $value === 'none' => 'transparent',
            $opacity === '' => "var(--colour-$role)",
            default => "color-mix(in srgb,var(--colour-$role) $opacity%,transparent)",
        };
    }

    private static function shadow(string $value): string
    {
        if (preg_match(self::SHADOW, $value, $part) !== 1 || ! isset($part[5], $part[6])) {
            return 'none';
        }

        return "$part[1]px $part[2]px $part[3]px $part[4]px ".self::role("$part[5]/$part[6]");
    }
}
