<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * How wide something is: `fill`, as its `content`, a share as `40%`, or fixed as `320px` (never wider than its place).
 *
 * @internal
 */
final readonly class Extent implements SettingType, StyleValue
{
    private const MAX_SHARE = 100;

    private const MAX_FIXED = 2000;

    public function problem(mixed $value): ?SettingProblem
    {
        if ($value === 'fill' || $value === 'content') {
            return null;
        }
        $fits = is_string($value) && preg_match('/^([1-9]\d{0,3})(%|px)$/D', $value, $part) === 1
            && (int) $part[1] <= ($part[2] === '%' ? self::MAX_SHARE : self::MAX_FIXED);

        return $fits ? null : SettingProblem::NotAWidth;
    }

    public function describe(): array
    {
        return ['type' => 'extent', 'max' => self::MAX_FIXED];
    }

    public function css(mixed $value): string
    {
        return match (true) {
            ! is_string($value) => '',
            $value === 'fill' => '100%',
            $value === 'content' => 'fit-content',
            str_ends_with($value, 'px') => "min($value, 100%)",
            default => $value,
        };
    }
}
