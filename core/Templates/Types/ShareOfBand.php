<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Templates\Limited;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * A column's part of its band in per cent, as a value of the CSS property `flex`; columns without one share the rest.
 *
 * @api
 */
final readonly class ShareOfBand implements Limited, SettingType, StyleValue
{
    private const MIN = 5;

    private const MAX = 95;

    public function problem(mixed $value): ?SettingProblem
    {
        return match (true) {
            ! is_int($value) => SettingProblem::NotAWholeNumber,
            $value < self::MIN, $value > self::MAX => SettingProblem::NumberOutside,
            default => null,
        };
    }

    public function limits(mixed $value): string
    {
        return self::MIN.' to '.self::MAX.' %';
    }

    public function describe(): array
    {
        return ['type' => 'amount', 'min' => self::MIN, 'max' => self::MAX, 'unit' => '%'];
    }

    public function css(mixed $value): string
    {
        return is_int($value) ? "0 1 $value%" : '';
    }
}
