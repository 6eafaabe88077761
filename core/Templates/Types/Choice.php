<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * One of a few named values. As a style, a value may stand for other CSS than its name.
 *
 * @api
 */
final readonly class Choice implements SettingType, StyleValue
{
    /**
     * @param  array<array-key, string>  $options  value => words
     * @param  array<array-key, string>  $css  value => CSS, where it differs from the value
     */
    public function __construct(
        private array $options,
        private array $css = [],
    ) {
    }

    public function problem(mixed $value): ?SettingProblem
    {
        return is_string($value) && isset($this->options[$value]) ? null : SettingProblem::NotAChoice;
    }

    public function describe(): array
    {
        $options = [];
        foreach ($this->options as $value => $words) {
            $options[] = ['value' => (string) $value, 'words' => $words];
        }

        return ['type' => 'choice', 'options' => $options];
    }

    public function css(mixed $value): string
    {
        return is_string($value) ? $this->css[$value] ?? $value : '';
    }
}
