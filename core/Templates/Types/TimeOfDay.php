<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * An hour on the shop's clock as `17:30`; empty for none.
 *
 * @api
 */
final readonly class TimeOfDay implements SettingType
{
    public function problem(mixed $value): ?SettingProblem
    {
        return $value === '' || is_string($value) && preg_match('/^(?:[01][0-9]|2[0-3]):[0-5][0-9]$/D', $value) === 1
            ? null
            : SettingProblem::NotAnHour;
    }

    public function describe(): array
    {
        return ['type' => 'time'];
    }
}
