<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Templates\Limited;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * A length: a whole number of CSS pixels, a number with its unit as `1.5rem`, a place on a scale of the house style as
 * `step-4` or `size-2`, or one of a few words.
 *
 * @internal
 */
final readonly class Length implements Limited, SettingType, StyleValue
{
    /**
     * @param  array<string, array{int|float, int|float}>  $units  unit (empty for a bare number) => least and most
     * @param  'step'|'size'|null  $scale  of the house style
     * @param  array<string, array{string, string}>  $words  value => words and CSS
     */
    public function __construct(
        private array $units,
        private ?string $scale = null,
        private array $words = [],
    ) {
    }

    public function problem(mixed $value): ?SettingProblem
    {
        if (is_string($value) && (isset($this->words[$value]) || $this->onScale($value))) {
            return null;
        }
        $part = self::parts($value);
        $limits = $part === null ? null : $this->units[$part[1]] ?? null;

        return match (true) {
            $part === null, $limits === null => SettingProblem::NotAMeasure,
            $part[0] < $limits[0], $part[0] > $limits[1] => SettingProblem::NumberOutside,
            default => null,
        };
    }

    public function limits(mixed $value): string
    {
        $unit = self::parts($value)[1] ?? '';
        [$least, $most] = $this->units[$unit] ?? [0, 0];

        return rtrim("$least to $most ".($unit === 'vh' ? '% of the screen' : $unit));
    }

    public function describe(): array
    {
        $words = [];
        foreach ($this->words as $value => [$said]) {
            $words[] = ['value' => (string) $value, 'words' => $said];
        }

        return ['type' => 'measure', 'units' => $this->units, 'scale' => $this->scale, 'words' => $words];
    }

    public function css(mixed $value): string
    {
        return match (true) {
            is_int($value) => $value === 0 ? '0' : "{$value}px",
            ! is_string($value) => '',
            isset($this->words[$value]) => $this->words[$value][1],
            $this->onScale($value) => "var(--$value)",
            default => $value,
        };
    }

    private function onScale(string $value): bool
    {
        return match ($this->scale) {
            null => false,
            'step' => preg_match('/^step-(\d)$/D', $value, $at) === 1 && isset(HouseStyle::STEPS[(int) $at[1]]),
            'size' => preg_match('/^size-(\d)$/D', $value, $at) === 1 && (int) $at[1] < HouseStyle::SIZES,
        };
    }

    /** @return array{float, string}|null number and unit; CSS numbers without an exponent, at most three decimals */
    private static function parts(mixed $value): ?array
    {
        if (is_int($value)) {
            return [(float) $value, 'px'];
        }
        if (! is_string($value) || preg_match('/^(-?\d{1,4}(?:\.\d{1,3})?)(px|%|rem|em|vh|)$/D', $value, $part) !== 1) {
            return null;
        }

        return [(float) $part[1], $part[2]];
    }
}
