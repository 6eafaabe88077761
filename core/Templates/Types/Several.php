<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * Several of a few named values, in the order chosen.
 *
 * @api
 */
final readonly class Several implements SettingType
{
    /** @param  array<string, string>  $options  value => words */
    public function __construct(private array $options)
    {
    }

    public function problem(mixed $value): ?SettingProblem
    {
        if (! is_array($value) || ! array_is_list($value)) {
            return SettingProblem::NotAChoice;
        }
        $known = array_filter($value, fn (mixed $one): bool => is_string($one) && isset($this->options[$one]));

        return count($known) === count($value) && count(array_unique($known)) === count($value)
            ? null
            : SettingProblem::NotAChoice;
    }

    public function describe(): array
    {
        $options = [];
        foreach ($this->options as $value => $words) {
            $options[] = ['value' => (string) $value, 'words' => $words];
        }

        return ['type' => 'several', 'options' => $options];
    }
}
