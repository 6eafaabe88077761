<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/** Longhands of all four sides or corners as one shorthand, where that says the same in fewer letters. */
final class Shorthands
{
    private const SIDES = ['block-start', 'inline-end', 'block-end', 'inline-start'];

    private const CORNERS = ['start-start', 'start-end', 'end-end', 'end-start'];

    /**
     * @param  array<string, string>  $longhands  CSS property => value
     * @return array<string, string>
     */
    public static function of(array $longhands): array
    {
        $css = self::borders($longhands);
        foreach (['padding' => 'padding-%s', 'margin' => 'margin-%s', 'border-width' => 'border-%s-width', 'border-style' => 'border-%s-style', 'border-color' => 'border-%s-color'] as $short => $pattern) {
            $css = self::four($css, $short, array_map(static fn (string $side): string => sprintf($pattern, $side), self::SIDES));
            $css = self::pairs($css, $pattern);
        }

        return self::four($css, 'border-radius', array_map(static fn (string $corner): string => "border-$corner-radius", self::CORNERS));
    }

    /**
     * @param  array<string, string>  $css
     * @param  list<string>  $parts
     * @return array<string, string>
     */
    private static function four(array $css, string $short, array $parts): array
    {
        $values = array_values(array_intersect_key($css, array_flip($parts)));
        if (count($values) !== 4) {
            return $css;
        }
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
    private static function pairs(array $css, string $pattern): array
    {
        foreach (['block', 'inline'] as $axis) {
            [$start, $end] = [sprintf($pattern, "$axis-start"), sprintf($pattern, "$axis-end")];
            if (isset($css[$start], $css[$end])) {
                $said = $css[$start] === $css[$end] ? $css[$start] : "$css[$start] $css[$end]";
                $css = [...array_diff_key($css, [$start => true, $end => true]), sprintf($pattern, $axis) => $said];
            }
        }

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
            $css = array_diff_key($css, ["border-$side-width" => true, "border-$side-style" => true, "border-$side-color" => true]);
            $css[$alike ? 'border' : "border-$side"] = $said;
        }

        return $css;
    }
}
