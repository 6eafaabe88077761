<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Templates\NamesThings;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * The number of a picture of the shop as a ground, or `none`. Its file stands in the page's styles as a custom
 * property.
 *
 * @api
 */
final readonly class GroundPicture implements NamesThings, SettingType, StyleValue
{
    public function problem(mixed $value): ?SettingProblem
    {
        return $value === 'none' || is_int($value) && $value > 0 ? null : SettingProblem::NotAPicture;
    }

    public function names(mixed $value): array
    {
        return is_int($value) ? [['picture', $value]] : [];
    }

    public function describe(): array
    {
        return ['type' => 'picture'];
    }

    public function css(mixed $value): string
    {
        return is_int($value) ? 'var('.self::property($value).')' : 'none';
    }

    /** The name of the custom property that holds what has to stay in view of it, where that is not its middle. */
    public static function point(int $picture): string
    {
        return self::property($picture).'-at';
    }

    /** The name of the custom property that holds its file. */
    public static function property(int $picture): string
    {
        return "--picture-$picture";
    }
}
