<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Templates\Limited;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * A distance by its step in the house style, or in CSS pixels as `24px`.
 *
 * @api
 */
final readonly class StepOfScale implements Limited, SettingType, StyleValue
{
    /** In pixels. */
    private const MOST = 400;

    public function problem(mixed $value): ?SettingProblem
    {
        return match (true) {
            is_int($value) => isset(HouseStyle::STEPS[$value]) ? null : SettingProblem::NotAStep,
            ! is_string($value) || preg_match('/^(0|[1-9]\d{0,3})px$/D', $value) !== 1 => SettingProblem::NotAStep,
            default => (int) $value > self::MOST ? SettingProblem::NumberOutside : null,
        };
    }

    public function limits(mixed $value): string
    {
        return '0 to '.self::MOST.' px';
    }

    public function describe(): array
    {
        return ['type' => 'step', 'steps' => HouseStyle::STEPS, 'max' => self::MOST];
    }

    public function css(mixed $value): string
    {
        return match (true) {
            is_int($value) => "var(--step-$value)",
            is_string($value) => $value,
            default => '',
        };
    }
}
