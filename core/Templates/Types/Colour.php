<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/** A role of the house style, such as `sale`, or a colour as `#rrggbb` (CSS Color 4, hexadecimal notation). */
final readonly class Colour implements SettingType, StyleValue
{
    public function problem(mixed $value): ?SettingProblem
    {
        $fits = is_string($value)
            && (in_array($value, HouseStyle::roles(), true) || preg_match('/^#[0-9a-f]{6}$/D', $value) === 1);

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

        return str_starts_with($value, '#') ? $value : "var(--colour-$value)";
    }
}
