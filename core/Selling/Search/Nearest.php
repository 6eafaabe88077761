<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Search;

/**
 * The words of a shop that are a small typing error away from one that is not among them.
 *
 * @api
 */
final readonly class Nearest
{
    private const MOST = 4;

    /**
     * The nearest first; of as near, those that begin with the same letter, then those in more products.
     *
     * @param  array<array-key, int>  $vocabulary  word => in how many products; what looks like a number is one as a
     *     key
     * @return list<string>
     */
    public static function to(string $word, array $vocabulary): array
    {
        $most = Slips::allowed($word);
        if ($most === 0) {
            return [];
        }
        // Bytes first, which is many times faster: a letter has at most four, and a swap is two changes.
        $bytes = $most * (strlen($word) === mb_strlen($word) ? 2 : 8);
        $found = [];
        foreach ($vocabulary as $one => $products) {
            $one = (string) $one;
            if ($one !== $word && abs(strlen($one) - strlen($word)) <= $bytes && levenshtein($word, $one) <= $bytes) {
                $slips = Slips::between($word, $one, $most);
                if ($slips !== null) {
                    $found[] = [$slips, $one[0] === $word[0] ? 0 : 1, -$products, $one];
                }
            }
        }
        sort($found);
        // Where something is one slip away, two are no longer likely.
        $found = array_filter($found, static fn (array $one): bool => $one[0] === $found[0][0]);

        return array_map(static fn (array $one): string => $one[3], array_slice(array_values($found), 0, self::MOST));
    }
}
