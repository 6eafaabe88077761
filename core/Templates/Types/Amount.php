<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Templates\SettingType;

/** A whole number between two limits, with a unit that is also its CSS unit (empty for none). */
final readonly class Amount implements SettingType, StyleValue
{
    public function __construct(
        private int $min,
        private int $max,
        private string $unit = 'px',
    ) {
    }

    public function problem(mixed $value): ?string
    {
        return match (true) {
            ! is_int($value) => 'setting.not-a-whole-number',
            $value < $this->min, $value > $this->max => 'setting.number-outside',
            default => null,
        };
    }

    public function describe(): array
    {
        return ['type' => 'amount', 'min' => $this->min, 'max' => $this->max, 'unit' => $this->unit];
    }

    public function css(mixed $value): string
    {
        return is_int($value) ? $value.$this->unit : '';
    }
}
