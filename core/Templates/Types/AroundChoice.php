<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Templates\NamesThings;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * The header or footer of a page: true for the one that their own rules give, false for none, or one by its number.
 *
 * @api
 */
final readonly class AroundChoice implements NamesThings, SettingType
{
    /** None, among the numbers that are named. */
    public const NONE = 0;

    public function __construct(private PageKind $around)
    {
    }

    public function problem(mixed $value): ?SettingProblem
    {
        return is_bool($value) || (is_int($value) && $value > 0) ? null : SettingProblem::NotANumberOf;
    }

    public function names(mixed $value): array
    {
        return match (true) {
            is_int($value) => [[$this->around->value, $value]],
            $value === false => [[$this->around->value, self::NONE]],
            default => [],
        };
    }

    public function describe(): array
    {
        return ['type' => 'around', 'things' => $this->around->value];
    }
}
