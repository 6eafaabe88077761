<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Templates\NamesThings;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * The numbers of a few things that the shop has, each once, in the owner's order.
 *
 * @api
 */
final readonly class Numbers implements NamesThings, SettingType
{
    public function __construct(
        private string $things,
        private int $most,
    ) {
    }

    public function problem(mixed $value): ?SettingProblem
    {
        if (! is_array($value) || ! array_is_list($value) || count($value) > $this->most) {
            return SettingProblem::NotNumbers;
        }
        $ids = array_filter($value, static fn (mixed $id): bool => is_int($id) && $id > 0);

        return count($ids) === count($value) && count(array_unique($ids)) === count($value)
            ? null
            : SettingProblem::NotNumbers;
    }

    public function names(mixed $value): array
    {
        return is_array($value)
            ? array_map(
                fn (int $number): array => [$this->things, $number],
                array_values(array_filter($value, is_int(...))),
            )
            : [];
    }

    public function describe(): array
    {
        return ['type' => 'numbers', 'things' => $this->things, 'max' => $this->most];
    }
}
