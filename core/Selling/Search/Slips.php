<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Search;

/**
 * Small typing errors: how many letters have to be put in, taken out, changed, or swapped with the one beside them to
 * get from one word to another. Restricted Damerau–Levenshtein distance (Damerau 1964; Boytsov 2011, section 2.2: no
 * part of a word is changed twice). Words are folded; letters are code points.
 *
 * @internal
 */
final class Slips
{
    /** How many a word may have: none in short ones, where one makes another word. */
    public static function allowed(string $word): int
    {
        $length = mb_strlen($word);

        return match (true) {
            $length < 4 => 0,
            $length < 8 => 1,
            default => 2,
        };
    }

    /** @return int|null null where there are more than so many */
    public static function between(string $one, string $other, int $most): ?int
    {
        [$from, $to] = [mb_str_split($one), mb_str_split($other)];
        if (abs(count($from) - count($to)) > $most) {
            return null;
        }
        $last = null;
        $row = range(0, count($to));
        foreach ($from as $at => $letter) {
            [$before, $last, $row] = [$last, $row, [$at + 1]];
            foreach ($to as $beside => $wanted) {
                $row[] = min(
                    $last[$beside + 1] + 1,
                    $row[$beside] + 1,
                    $last[$beside] + ($letter === $wanted ? 0 : 1),
                    $at > 0
                        && $beside > 0
                        && $letter === $to[$beside - 1]
                        && $from[$at - 1] === $wanted
                        && $before !== null
                        ? $before[$beside - 1] + 1
                        : PHP_INT_MAX,
                );
            }
            if (min($row) > $most && min($last) > $most) {
                return null;
            }
        }
        $slips = $row[count($to)];

        return $slips <= $most ? $slips : null;
    }
}
