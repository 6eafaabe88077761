<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * Plain text; the limit is in characters. Where it is cut when others show it is said, and no limit.
 *
 * @api
 */
final readonly class Text implements SettingType
{
    public function __construct(
        private int $max = 200,
        private bool $lines = false,
        private int $cut = 0,
    ) {
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
        return ['type' => 'text', 'max' => $this->max, 'lines' => $this->lines]
            + ($this->cut === 0 ? [] : ['cut' => $this->cut]);
    }
}
