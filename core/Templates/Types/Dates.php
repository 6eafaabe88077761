<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Catalogue\OpeningHours;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * Days of the calendar as `2026-12-25`, each in a line of its own.
 *
 * @api
 */
final readonly class Dates implements SettingType
{
    private const MOST_LETTERS = 1000;

    public function problem(mixed $value): ?SettingProblem
    {
        return is_string($value) && mb_strlen($value) <= self::MOST_LETTERS && OpeningHours::days($value) !== null
            ? null
            : SettingProblem::NotDates;
    }

    public function describe(): array
    {
        return ['type' => 'text', 'max' => self::MOST_LETTERS, 'lines' => true, 'whole' => true];
    }
}
