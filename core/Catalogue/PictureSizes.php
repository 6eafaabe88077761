<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

/**
 * The sizes in which a picture is kept, named by how wide they are at most. None is wider than the picture itself, so
 * the widest may be narrower than its name says.
 *
 * @api
 */
final class PictureSizes
{
    /** In pixels; the first three are kept of every picture. */
    public const ALL = [160, 400, 800, 1600, 2400];

    /** What phones are offered at most, however fine their screen is. */
    public const ON_PHONES = 800;

    /** What is kept of every picture, even of a smaller one. */
    public const ALWAYS = [160, 400, 800];

    private const MOST_KNOWN = 1000;

    /** @var array<string, non-empty-array<int, int>> by width and what is made, of which few are asked for */
    private static array $known = [];

    /**
     * @param  int  $width  of the picture, in pixels
     * @param  int  $made  the widest size that was made of it
     * @return non-empty-array<int, int> size => how wide its file truly is, the narrowest first
     */
    public static function of(int $width, int $made): array
    {
        $known = self::$known["$width $made"] ?? null;
        if ($known !== null) {
            return $known;
        }
        $sizes = [];
        foreach (self::ALL as $at => $size) {
            if ($at === 0 || $size <= $made && self::ALL[$at - 1] < $width) {
                $sizes[$size] = max(1, min($size, $width));
            }
        }

        self::$known = count(self::$known) < self::MOST_KNOWN ? self::$known : [];

        return self::$known["$width $made"] = $sizes;
    }

    /** The widest size that is made of a picture so wide. */
    public static function widest(int $width): int
    {
        return max(self::ON_PHONES, ...array_keys(self::of($width, max(self::ALL))));
    }
}
