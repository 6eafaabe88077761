<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * The widths something appears on: at least one of them.
 *
 * @internal
 */
final readonly class Widths implements SettingType
{
    public function problem(mixed $value): ?SettingProblem
    {
        if (! is_array($value) || $value === [] || ! array_is_list($value)) {
            return SettingProblem::NoWidths;
        }
        foreach ($value as $width) {
            if (! is_string($width) || Width::tryFrom($width) === null) {
                return SettingProblem::NoWidths;
            }
        }

        return null;
    }

    public function describe(): array
    {
        return ['type' => 'widths'];
    }
}
