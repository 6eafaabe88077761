<?php

declare(strict_types=1);

namespace Vestibra\Bench;

/** Measures two ways of doing the same in turns, so that whatever else the machine does falls on both. */
final class Timing
{
    /**
     * @param  callable(): mixed  $ours
     * @param  callable(): mixed  $theirs
     * @return array{ours: list<float>, theirs: list<float>} in milliseconds
     */
    public static function both(callable $ours, callable $theirs, int $rounds): array
    {
        $ours();
        $theirs();
        $samples = ['ours' => [], 'theirs' => []];
        for ($round = 0; $round < $rounds; $round++) {
            $samples['ours'][] = self::once($ours);
            $samples['theirs'][] = self::once($theirs);
        }

        return $samples;
    }

    public static function once(callable $work): float
    {
        $start = hrtime(true);
        $work();

        return (hrtime(true) - $start) / 1e6;
    }

    /** @param  list<float>  $samples */
    public static function median(array $samples): float
    {
        sort($samples);

        return $samples[intdiv(count($samples), 2)];
    }

    /**
     * Against the limit that was set.
     *
     * @param  int  $limit  in milliseconds
     * @param  callable(): mixed  $work
     * @return array<string, mixed>
     */
    public static function limited(string $what, int $size, int $limit, callable $work, int $rounds = 9): array
    {
        $work();
        $samples = array_map(static fn (): float => self::once($work), range(1, $rounds));
        $median = self::median($samples);

        return [
            'what' => $what,
            'products' => $size,
            'ratio' => round($median / $limit, 2),
            'goal' => "under $limit ms",
            'ours' => round($median, 1),
            'samples' => $samples,
        ];
    }
}
