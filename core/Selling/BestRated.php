<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling;

/**
 * How well rated a product surely is: the lower end of the 95 % score interval of Wilson (1927), "Probable inference,
 * the law of succession, and statistical inference", Journal of the American Statistical Association 22, with the stars
 * above one as shares of four. One review of five stars does not beat two hundred of four and a half.
 *
 * @api
 */
final class BestRated
{
    /** The standard normal deviate of 97.5 %. */
    private const Z = 1.959964;

    /**
     * @param  int  $reviews  how many
     * @param  int  $stars  the sum of their stars, 1 to 5 each
     * @return float from 0 to 1; -1 where nothing is rated
     */
    public static function score(int $reviews, int $stars): float
    {
        if ($reviews < 1) {
            return -1.0;
        }
        $share = max(0.0, min(1.0, ($stars - $reviews) / (4 * $reviews)));
        $z = self::Z ** 2 / $reviews;

        return max(
            0.0,
            ($share + $z / 2 - self::Z * sqrt($share * (1 - $share) / $reviews + $z / (4 * $reviews))) / (1 + $z),
        );
    }
}
