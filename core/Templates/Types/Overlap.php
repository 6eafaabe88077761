<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/** How far something stands over what is above it, in pixels; on a narrow screen never more than an eighth of its width. */
final readonly class Overlap implements SettingType, StyleValue
{
    private const MAX = 400;

    public function problem(mixed $value): ?SettingProblem
    {
        return match (true) {
            ! is_int($value) => SettingProblem::NotAWholeNumber,
            $value < 0, $value > self::MAX => SettingProblem::NumberOutside,
            default => null,
        };
    }

    public function describe(): array
    {
        return ['type' => 'amount', 'min' => 0, 'max' => self::MAX, 'unit' => 'px'];
    }

    public function css(mixed $value): string
    {
        return is_int($value) ? "max(-{$value}px, -12.5vw)" : '';
    }
}
