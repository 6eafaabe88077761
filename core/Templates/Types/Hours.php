<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Catalogue\OpeningHours;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * When a shop is open on one day of the week, as `9–12:30, 14–18`. Empty for a day on which it is closed.
 *
 * @api
 */
final readonly class Hours implements SettingType
{
    private const MOST_LETTERS = 60;

    public function problem(mixed $value): ?SettingProblem
    {
        return is_string($value) && mb_strlen($value) <= self::MOST_LETTERS && OpeningHours::spans($value) !== null
            ? null
            : SettingProblem::NotHours;
    }

    public function describe(): array
    {
        return ['type' => 'text', 'max' => self::MOST_LETTERS, 'lines' => false, 'whole' => true];
    }
}
