<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * HTML as it was written. It is kept so, and made safe when it is printed.
 *
 * @api
 */
final readonly class Html implements SettingType
{
    public function __construct(private int $max = 50_000)
    {
    }

    public function problem(mixed $value): ?SettingProblem
    {
        return match (true) {
            ! is_string($value), ! mb_check_encoding($value, 'UTF-8') => SettingProblem::NotText,
            mb_strlen($value) > $this->max => SettingProblem::TextTooLong,
            default => null,
        };
    }

    public function describe(): array
    {
        return ['type' => 'html', 'max' => $this->max];
    }
}
