<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Draws from a seed: the same seed gives the same data and questions. */
final readonly class Chance
{
    private Randomizer $randomizer;

    public function __construct(int $seed)
    {
        $this->randomizer = new Randomizer(new Mt19937($seed));
    }

    public function number(int $min, int $max): int
    {
        return $this->randomizer->getInt($min, $max);
    }

    /** @return list<int> different ones, in order */
    public function some(int $count, int $max): array
    {
        $found = [];
        while (count($found) < min($count, $max)) {
            $found[$this->number(1, $max)] = true;
        }
        $found = array_keys($found);
        sort($found);

        return $found;
    }

    /** @return int small numbers more often than large ones, as with brands and tags of a shop */
    public function skewed(int $max): int
    {
        return 1 + intdiv($this->number(0, $max - 1) * $this->number(0, $max - 1), $max);
    }
}
