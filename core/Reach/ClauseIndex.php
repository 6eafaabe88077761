<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * The *show on* clauses of many templates, found by what a page has instead of one after another. A clause stands under
 * a token that it needs, or under two of them; the closest first, so that the search ends as soon as none that follows
 * can win. Closeness is compared as its place among all the tuples there are, never as a sum.
 *
 * An entry: the place of its closeness, its place in hand order, the clause's number, tokens needed besides, checks, and
 * the reach where it has a season or keeps something off.
 *
 * @phpstan-type Entry array{int, int, int, list<int>, list<Check>, CompiledReach|null}
 */
final readonly class ClauseIndex
{
    /**
     * @param  list<Closeness>  $places  all closenesses that clauses can have, the least close first
     * @param  array<int, array<int, list<Entry>>>  $pairs
     * @param  array<int, list<Entry>>  $singles
     * @param  list<Entry>  $anywhere  clauses that no token tells of
     */
    private function __construct(
        private array $places,
        private array $pairs,
        private array $singles,
        private array $anywhere,
    ) {
    }

    /** @param  array<int, CompiledReach>  $reaches  by place in hand order */
    public static function of(array $reaches): self
    {
        $variants = $places = [];
        foreach ($reaches as $hand => $reach) {
            $guarded = $reach->keepOff === [] && $reach->season->isAlways() ? null : $reach;
            foreach ($reach->show as $number => $clause) {
                foreach (ClauseVariant::of($clause) as $variant) {
                    $variants[] = [$variant, $hand, $number, $guarded];
                    $places[implode('.', $variant->closeness->toArray())] = $variant->closeness;
                }
            }
        }
        uasort($places, static fn (Closeness $one, Closeness $other): int => $one->compare($other));
        $order = array_flip(array_keys($places));
        $pairs = $singles = $anywhere = [];
        foreach ($variants as [$variant, $hand, $number, $guarded]) {
            $entry = [$order[implode('.', $variant->closeness->toArray())], $hand, $number, $variant->needs, $variant->asks, $guarded];
            foreach ($variant->anchors as [$first, $second]) {
                if ($first !== null && $second !== null) {
                    $pairs[$first][$second][] = $entry;
                } elseif ($first !== null) {
                    $singles[$first][] = $entry;
                } else {
                    $anywhere[] = $entry;
                }
            }
        }

        return new self(
            array_values($places),
            array_map(static fn (array $lists): array => array_map(self::sorted(...), $lists), $pairs),
            array_map(self::sorted(...), $singles),
            self::sorted($anywhere),
        );
    }

    public function isEmpty(): bool
    {
        return $this->places === [];
    }

    /** @return array{int, ClauseMatch}|null the place in hand order of the winner, and its clause */
    public function closest(Subject $subject): ?array
    {
        $tokens = $subject->tokens;
        $best = -1;
        $bestHand = $bestNumber = PHP_INT_MAX;
        foreach ($this->lists($tokens) as $list) {
            foreach ($list as $entry) {
                $place = $entry[0];
                if ($place < $best || ($place === $best && ($entry[1] > $bestHand || ($entry[1] === $bestHand && $entry[2] >= $bestNumber)))) {
                    break;
                }
                foreach ($entry[3] as $token) {
                    if (! isset($tokens[$token])) {
                        continue 2;
                    }
                }
                foreach ($entry[4] as $check) {
                    if (! $check->holds($subject)) {
                        continue 2;
                    }
                }
                if ($entry[5] === null || ($entry[5]->season->holds($subject->at) && $entry[5]->keptOffBy($subject) === null)) {
                    $best = $place;
                    $bestHand = $entry[1];
                    $bestNumber = $entry[2];
                    break;
                }
            }
        }

        return $best < 0 ? null : [$bestHand, new ClauseMatch($bestNumber, $this->places[$best])];
    }

    /**
     * @param  array<int, true>  $tokens
     * @return list<list<Entry>> in which a clause that matches may stand
     */
    private function lists(array $tokens): array
    {
        $found = [];
        foreach ($tokens as $token => $_) {
            if (isset($this->pairs[$token])) {
                $lists = $this->pairs[$token];
                foreach (array_intersect_key($tokens, $lists) as $other => $_) {
                    $found[] = $lists[$other];
                }
            }
            if (isset($this->singles[$token])) {
                $found[] = $this->singles[$token];
            }
        }
        $found[] = $this->anywhere;

        return $found;
    }

    /**
     * @param  list<Entry>  $list
     * @return list<Entry>
     */
    private static function sorted(array $list): array
    {
        usort($list, static fn (array $one, array $other): int => $other[0] <=> $one[0] ?: [$one[1], $one[2]] <=> [$other[1], $other[2]]);

        return $list;
    }
}
