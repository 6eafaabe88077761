<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * Longhands of all four sides or corners as one shorthand, where that says the same in fewer letters.
 *
 * @internal
 */
final class Shorthands
{
    private const SIDES = ['block-start', 'inline-end', 'block-end', 'inline-start'];

    /** Those of four sides or corners, from the first one round. */
    private const FOUR = [
        'padding' => ['padding-block-start', 'padding-inline-end', 'padding-block-end', 'padding-inline-start'],
        'margin' => ['margin-block-start', 'margin-inline-end', 'margin-block-end', 'margin-inline-start'],
        'border-width' => [
            'border-block-start-width', 'border-inline-end-width', 'border-block-end-width',
            'border-inline-start-width',
        ],
        'border-style' => [
            'border-block-start-style', 'border-inline-end-style', 'border-block-end-style',
            'border-inline-start-style',
        ],
        'border-color' => [
            'border-block-start-color', 'border-inline-end-color', 'border-block-end-color',
            'border-inline-start-color',
        ],
        'border-radius' => [
            'border-start-start-radius', 'border-start-end-radius', 'border-end-end-radius', 'border-end-start-radius',
        ],
    ];

    /**
     * @param  array<string, string>  $longhands  CSS property => value
     * @return array<string, string>
     */
    public static function of(array $longhands): array
    {
        $css = self::borders($longhands);
        foreach (self::FOUR as $short => $parts) {
            $has = array_map(static fn (string $part): bool => isset($css[$part]), $parts);
            if (! in_array(false, $has, true)) {
                $css = self::four($css, $short, $parts);
            } elseif ($short !== 'border-radius') {
                $css = $has[0] && $has[2]
                    ? self::pair($css, $parts[0], $parts[2], str_replace('-start', '', $parts[0]))
                    : $css;
                $css = $has[1] && $has[3]
                    ? self::pair($css, $parts[3], $parts[1], str_replace('-start', '', $parts[3]))
                    : $css;
            }
        }

        return $css;
    }

    /**
     * @param  array<string, string>  $css
     * @param  array{string, string, string, string}  $parts
     * @return array<string, string>
     */
    private static function four(array $css, string $short, array $parts): array
    {
        [$first, $second, $third, $fourth] = array_map(static fn (string $part): string => $css[$part], $parts);
        $said = match (true) {
            $second !== $fourth => "$first $second $third $fourth",
            $first !== $third => "$first $second $third",
            $first !== $second => "$first $second",
            default => $first,
        };

        return [...array_diff_key($css, array_flip($parts)), $short => $said];
    }

    /**
     * Two opposite sides as one, as `padding-block`.
     *
     * @param  array<string, string>  $css
     * @return array<string, string>
     */
    private static function pair(array $css, string $start, string $end, string $short): array
    {
        $said = $css[$start] === $css[$end] ? $css[$start] : "$css[$start] $css[$end]";
        unset($css[$start], $css[$end]);
        $css[$short] = $said;

        return $css;
    }

    /**
     * A side whose width, kind and colour are all said is one declaration; four alike are one.
     *
     * @param  array<string, string>  $css
     * @return array<string, string>
     */
    private static function borders(array $css): array
    {
        $whole = [];
        foreach (self::SIDES as $side) {
            [$width, $style, $colour] = ["border-$side-width", "border-$side-style", "border-$side-color"];
            if (isset($css[$width], $css[$style], $css[$colour])) {
                $whole[$side] = "$css[$width] $css[$style] $css[$colour]";
            }
        }
        $alike = count($whole) === 4 && count(array_unique($whole)) === 1;
        foreach ($whole as $side => $said) {
            $css = array_diff_key(
                $css,
                ["border-$side-width" => true, "border-$side-style" => true, "border-$side-color" => true],
            );
            $css[$alike ? 'border' : "border-$side"] = $said;
        }

        return $css;
    }
}
