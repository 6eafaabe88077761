<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * A role of the house style as `sale`, or with its opacity in per cent as `sale/40`; a colour as `#rrggbb` or
 * `#rrggbbaa` (CSS Color 4, hexadecimal notation); or `none`.
 *
 * @api
 */
final readonly class Colour implements SettingType, StyleValue
{
    public function problem(mixed $value): ?SettingProblem
    {
        $fits = is_string($value) && ($value === 'none' || in_array($value, HouseStyle::roles(), true)
            || preg_match('/^#(?:[0-9a-f]{6}|[0-9a-f]{8})$/D', $value) === 1
            || preg_match('#^([a-z-]+)(?:/(?:[1-9]\d?|0))?$#D', $value, $part) === 1
            && in_array($part[1], HouseStyle::roles(), true));

        return $fits ? null : SettingProblem::NotAColour;
    }

    public function describe(): array
    {
        return ['type' => 'colour', 'roles' => HouseStyle::roles()];
    }

    public function css(mixed $value): string
    {
        if (! is_string($value)) {
            return '';
        }
        [$role, $opacity] = explode('/', $value.'/');

        return match (true) {
            $value === 'none' => 'transparent',
            str_starts_with($value, '#') => $value,
            $opacity === '' => "var(--colour-$role)",
            default => "color-mix(in srgb,var(--colour-$role) $opacity%,transparent)",
        };
    }
}
