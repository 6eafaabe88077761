<?php

declare(strict_types=1);

namespace Vestibra\Demo;

use Random\Engine\PcgOneseq128XslRr64;

/** Draws for one generated product: the same seed and number give the same ones, whatever else is made. */
final readonly class Draw
{
    private PcgOneseq128XslRr64 $engine;

    public function __construct(int $seed, int $number)
    {
        $this->engine = new PcgOneseq128XslRr64($seed * 1_000_003 + $number);
    }

    /** From 0 to 1, without 1. */
    public function share(): float
    {
        /** @var array{1: int} $bytes */
        $bytes = unpack('V', $this->engine->generate());

        return $bytes[1] / 4_294_967_296;
    }

    public function happens(float $probability): bool
    {
        return $this->share() < $probability;
    }

    public function below(int $number): int
    {
        return (int) ($this->share() * $number);
    }

    /** Small ones far more often, as with the brands and tags of a shop. */
    public function skewed(int $number): int
    {
        return (int) ($this->share() ** 2.2 * $number);
    }

    /** About 0, seldom beyond -2 or 2: the sum of six uniform numbers. */
    public function normal(): float
    {
        $sum = 0.0;
        for ($at = 0; $at < 6; $at++) {
            $sum += $this->share();
        }

        return ($sum - 3) * M_SQRT2;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->below(count($of))];
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return list<T> different ones, those in front more often
     */
    public function some(int $count, array $of): array
    {
        $found = [];
        for ($tries = 0; count($found) < min($count, count($of)) && $tries < 40; $tries++) {
            $found[$this->skewed(count($of))] = true;
        }

        return array_map(static fn (int $at): mixed => $of[$at], array_keys($found));
    }
}
