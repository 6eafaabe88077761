<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * Width to height as `4/3`, or `own`.
 *
 * @internal
 */
final readonly class Proportion implements SettingType, StyleValue
{
    private const OFFERED = [
        'own' => 'its own', '1/1' => 'square', '4/5' => 'tall', '3/4' => 'upright', '4/3' => 'wide', '16/9' => 'screen',
        '21/9' => 'strip',
    ];

    public function problem(mixed $value): ?SettingProblem
    {
        return $value === 'own' || is_string($value) && preg_match('#^[1-9]\d{0,2}/[1-9]\d{0,2}$#D', $value) === 1
            ? null
            : SettingProblem::NotAProportion;
    }

    public function describe(): array
    {
        $options = [];
        foreach (self::OFFERED as $option => $words) {
            $options[] = ['value' => $option, 'words' => $words];
        }

        return ['type' => 'proportion', 'options' => $options];
    }

    public function css(mixed $value): string
    {
        return is_string($value) && $value !== 'own' ? str_replace('/', ' / ', $value) : 'auto';
    }
}
