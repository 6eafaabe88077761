<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Draws for generated cases. Every failure names the seed; the same seed gives the same case. */
final class Chance
{
    private Randomizer $randomizer;

    public function __construct(public readonly int $seed)
    {
        $this->randomizer = new Randomizer(new Mt19937($seed));
    }

    public function number(int $min, int $max): int
    {
        return $this->randomizer->getInt($min, $max);
    }

    public function oneIn(int $number): bool
    {
        return $this->number(1, $number) === 1;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $from
     * @return T
     */
    public function pick(array $from): mixed
    {
        return $from[$this->number(0, count($from) - 1)];
    }

    /**
     * @template T
     *
     * @param  list<T>  $from
     * @return list<T>
     */
    public function some(array $from, int $most): array
    {
        if ($from === []) {
            return [];
        }
        $keys = $this->randomizer->pickArrayKeys($from, $this->number(1, min($most, count($from))));

        return array_map(static fn (int $key): mixed => $from[$key], $keys);
    }

    /**
     * @template T
     *
     * @param  list<T>  $list
     * @return list<T>
     */
    public function shuffled(array $list): array
    {
        return $this->randomizer->shuffleArray($list);
    }
}
