<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Search;

/**
 * How well words fit: the rarer they are and the oftener they stand in something short, the better. Robertson and
 * Zaragoza (2009), "The Probabilistic Relevance Framework: BM25 and Beyond", with the usual k1 and b.
 *
 * @internal
 */
final readonly class Bm25
{
    private const K1 = 1.2;

    private const B = 0.75;

    /** Of what is in more than half: something at least. */
    private const LEAST = 1e-6;

    /** @param  int  $with  of so many, those that have it */
    public static function rarity(int $of, int $with): float
    {
        return max(self::LEAST, log(($of - $with + 0.5) / ($with + 0.5)));
    }

    /**
     * @param  float  $times  how often it stands there, each time by the weight of its field
     * @param  int  $length  all words that stand there
     * @param  float  $usual  the length that is usual
     * @return float from 0, the more the better
     */
    public static function fit(float $rarity, float $times, int $length, float $usual): float
    {
        return $rarity * $times * (self::K1 + 1) / ($times + self::K1 * (1 - self::B + self::B * $length / $usual));
    }
}
