<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Templates\NamesThings;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * The numbers of a few products picked by hand, in the owner's order.
 *
 * @api
 */
final readonly class Products implements NamesThings, SettingType
{
    public const MOST = 24;

    public function problem(mixed $value): ?SettingProblem
    {
        if (! is_array($value) || ! array_is_list($value) || count($value) > self::MOST) {
            return SettingProblem::NotProducts;
        }
        $ids = array_filter($value, static fn (mixed $id): bool => is_int($id) && $id > 0);

        return count($ids) === count($value) && count(array_unique($ids)) === count($value)
            ? null
            : SettingProblem::NotProducts;
    }

    public function names(mixed $value): array
    {
        return is_array($value)
            ? array_map(
                static fn (int $number): array => ['product', $number],
                array_values(array_filter($value, is_int(...))),
            )
            : [];
    }

    public function describe(): array
    {
        return ['type' => 'products', 'max' => self::MOST];
    }
}
