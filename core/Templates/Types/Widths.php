<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\SettingType;

/** The widths something appears on: at least one of them. */
final readonly class Widths implements SettingType
{
    public function problem(mixed $value): ?string
    {
        if (! is_array($value) || $value === [] || ! array_is_list($value)) {
            return 'setting.no-widths';
        }
        foreach ($value as $width) {
            if (! is_string($width) || Width::tryFrom($width) === null) {
                return 'setting.no-widths';
            }
        }

        return null;
    }

    public function describe(): array
    {
        return ['type' => 'widths'];
    }
}
