<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Templates\NamesThings;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * The number of a picture of the shop, or null for none.
 *
 * @api
 */
final readonly class PictureChoice implements NamesThings, SettingType
{
    public function problem(mixed $value): ?SettingProblem
    {
        return $value === null || (is_int($value) && $value > 0) ? null : SettingProblem::NotAPicture;
    }

    public function names(mixed $value): array
    {
        return is_int($value) ? [['picture', $value]] : [];
    }

    public function describe(): array
    {
        return ['type' => 'picture'];
    }
}
