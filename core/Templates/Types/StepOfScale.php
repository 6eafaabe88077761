<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * A distance by its step in the house style.
 *
 * @api
 */
final readonly class StepOfScale implements SettingType, StyleValue
{
    public function problem(mixed $value): ?SettingProblem
    {
        return is_int($value) && isset(HouseStyle::STEPS[$value]) ? null : SettingProblem::NotAStep;
    }

    public function describe(): array
    {
        return ['type' => 'step', 'steps' => HouseStyle::STEPS];
    }

    public function css(mixed $value): string
    {
        return is_int($value) ? "var(--step-$value)" : '';
    }
}
