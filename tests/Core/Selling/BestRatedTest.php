<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Selling;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Selling\BestRated;

final class BestRatedTest extends TestCase
{
    /**
     * @return iterable<string, array{int, int, float}> Newcombe (1998), Statistics in Medicine 17, table I, method 3,
     *     lower limits
     */
    public static function newcombe(): iterable
    {
        yield '81 of 263' => [81, 263, 0.2553];
        yield '15 of 148' => [15, 148, 0.0624];
        yield '0 of 20' => [0, 20, 0.0];
        yield '1 of 29' => [1, 29, 0.0061];
    }

    #[DataProvider('newcombe')]
    public function test_the_lower_limit_is_that_of_the_published_table(int $of, int $reviews, float $limit): void
    {
        self::assertEqualsWithDelta($limit, BestRated::score($reviews, $reviews + 4 * $of), 0.00005);
    }

    public function test_many_good_reviews_beat_one_that_is_perfect(): void
    {
        self::assertGreaterThan(BestRated::score(1, 5), BestRated::score(200, 900));
        self::assertGreaterThan(BestRated::score(200, 900), BestRated::score(200, 950));
        self::assertGreaterThan(BestRated::score(0, 0), BestRated::score(1, 1), 'What is rated badly is rated.');
        self::assertSame(-1.0, BestRated::score(0, 0));
    }

    /** Whatever is rated: more of the same is surer, and the score stays within its ends. */
    public function test_more_of_the_same_is_surer(): void
    {
        foreach ([1, 2, 5, 30, 400] as $reviews) {
            for ($stars = $reviews; $stars <= 5 * $reviews; $stars += max(1, intdiv($reviews, 7))) {
                $score = BestRated::score($reviews, $stars);
                self::assertGreaterThanOrEqual(0.0, $score);
                self::assertLessThanOrEqual(1.0, $score);
                self::assertGreaterThanOrEqual($score, BestRated::score(3 * $reviews, 3 * $stars));
            }
        }
    }
}
