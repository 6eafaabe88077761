<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Templates\NamesThings;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * The card that products are shown as, by its number. Null for the fallback card, which is named as `0`.
 *
 * @api
 */
final readonly class CardChoice implements NamesThings, SettingType
{
    public const FALLBACK = 0;

    public function problem(mixed $value): ?SettingProblem
    {
        return $value === null || (is_int($value) && $value > 0) ? null : SettingProblem::NotANumberOf;
    }

    public function names(mixed $value): array
    {
        return [['card', is_int($value) ? $value : self::FALLBACK]];
    }

    public function describe(): array
    {
        return ['type' => 'card'];
    }
}
