<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Templates\NamesThings;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * The number of something that the shop has: a kept part, a fact of one kind, a film. Null for none.
 *
 * @api
 */
final readonly class Numbered implements NamesThings, SettingType
{
    /**
     * @param  string  $things  what it is one of, as the Studio asks for it: `part`, `film`, `blocks-fact`, …
     * @param  string  $none  what the choice of none is called
     */
    public function __construct(
        private string $things,
        private string $none = 'none',
    ) {
    }

    public function problem(mixed $value): ?SettingProblem
    {
        return $value === null || (is_int($value) && $value > 0) ? null : SettingProblem::NotANumberOf;
    }

    public function names(mixed $value): array
    {
        return is_int($value)
            ? [[$this->things, $value], ...(str_ends_with($this->things, '-fact') ? [['fact', $value]] : [])]
            : [];
    }

    public function describe(): array
    {
        return ['type' => 'numbered', 'things' => $this->things, 'none' => $this->none];
    }
}
