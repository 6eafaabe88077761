<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Filters\Packed;

/**
 * Sets of places as strings of bits: place 0 is the lowest bit of the first byte. What is beyond the end of one is not
 * in it.
 *
 * @api
 */
final readonly class Bits
{
    private const ONES = [
        "\x01", "\x02", "\x04", "\x08", "\x10", "\x20", "\x40", "\x80",
    ];

    /** @param  list<int>  $places  each at most once */
    public static function of(array $places, int $length): string
    {
        $bits = str_repeat("\0", $length);
        foreach ($places as $place) {
            $bits[$place >> 3] = $bits[$place >> 3] | self::ONES[$place & 7];
        }

        return $bits;
    }

    /** @return string of so many places, all of them */
    public static function all(int $places): string
    {
        $rest = $places & 7;

        return str_repeat("\xff", $places >> 3).($rest === 0 ? '' : chr((1 << $rest) - 1));
    }

    /** Those of the first that are not in the second, which is as long. */
    public static function without(string $one, string $other): string
    {
        return $one & ~$other;
    }

    public static function any(string $bits): bool
    {
        return trim($bits, "\0") !== '';
    }

    public static function count(string $bits): int
    {
        /** @var array<int, int> $ones */
        static $ones = [];
        if ($ones === []) {
            for ($byte = 0; $byte < 256; $byte++) {
                $ones[$byte] = substr_count(decbin($byte), '1');
            }
        }
        $count = 0;
        /** @var array<int, int> $times */
        $times = count_chars($bits, 1);
        foreach ($times as $byte => $often) {
            $count += $ones[$byte] * $often;
        }

        return $count;
    }

    public static function has(string $bits, int $place): bool
    {
        return isset($bits[$place >> 3]) && ($bits[$place >> 3] & self::ONES[$place & 7]) !== "\0";
    }

    /** @return list<int> in order */
    public static function places(string $bits): array
    {
        $places = [];
        foreach ($bits === '' ? [] : str_split($bits) as $at => $byte) {
            if ($byte !== "\0") {
                for ($value = ord($byte), $bit = 0; $bit < 8; $bit++) {
                    if (($value & 1 << $bit) !== 0) {
                        $places[] = $at << 3 | $bit;
                    }
                }
            }
        }

        return $places;
    }
}
