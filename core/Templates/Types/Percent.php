<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * A share of a hundred, whole.
 *
 * @api
 */
final readonly class Percent implements SettingType
{
    public function problem(mixed $value): ?SettingProblem
    {
        return match (true) {
            ! is_int($value) => SettingProblem::NotAWholeNumber,
            $value < 0, $value > 100 => SettingProblem::NumberOutside,
            default => null,
        };
    }

    public function describe(): array
    {
        return ['type' => 'percent'];
    }
}
