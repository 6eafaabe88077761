<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * Yes or no; as a style, one CSS value for each.
 *
 * @api
 */
final readonly class Toggle implements SettingType, StyleValue
{
    public function __construct(
        private string $on = '1',
        private string $off = '0',
    ) {
    }

    public function problem(mixed $value): ?SettingProblem
    {
        return is_bool($value) ? null : SettingProblem::NotYesOrNo;
    }

    public function describe(): array
    {
        return ['type' => 'toggle'];
    }

    public function css(mixed $value): string
    {
        return $value === true ? $this->on : $this->off;
    }
}
