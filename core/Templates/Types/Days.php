<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * From a day to a day of the shop's calendar, both included; either may be open. `{"from": "2026-12-01", "to": null}`
 *
 * @shape Days array{from?: string|null, to?: string|null}
 *
 * @internal
 */
final readonly class Days implements SettingType
{
    public function problem(mixed $value): ?SettingProblem
    {
        if (! is_array($value) || array_diff(array_keys($value), ['from', 'to']) !== []) {
            return SettingProblem::NotDays;
        }
        [$from, $to] = [$value['from'] ?? null, $value['to'] ?? null];
        foreach ([$from, $to] as $day) {
            if ($day !== null && (! is_string($day) || FactValue::date($day) === null)) {
                return SettingProblem::NotDays;
            }
        }

        return is_string($from) && is_string($to) && $from > $to ? SettingProblem::DaysEndFirst : null;
    }

    public function describe(): array
    {
        return ['type' => 'days'];
    }
}
