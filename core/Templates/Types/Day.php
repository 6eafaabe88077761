<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * A day of the shop's calendar as `2026-12-24`; empty for none.
 *
 * @api
 */
final readonly class Day implements SettingType
{
    public function problem(mixed $value): ?SettingProblem
    {
        return $value === '' || (is_string($value) && FactValue::date($value) !== null)
            ? null
            : SettingProblem::NotDays;
    }

    public function describe(): array
    {
        return ['type' => 'day'];
    }
}
