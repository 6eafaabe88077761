<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Templates\Limited;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * A whole number between two limits, with a unit that is also its CSS unit (empty for none).
 *
 * @api
 */
final readonly class Amount implements Limited, SettingType, StyleValue
{
    public function __construct(
        private int $min,
        private int $max,
        private string $unit = 'px',
    ) {
    }

    public function problem(mixed $value): ?SettingProblem
    {
        return match (true) {
            ! is_int($value) => SettingProblem::NotAWholeNumber,
            $value < $this->min, $value > $this->max => SettingProblem::NumberOutside,
            default => null,
        };
    }

    public function limits(mixed $value): string
    {
        return rtrim("$this->min to $this->max $this->unit");
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
