<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use LogicException;
use Vestibra\Core\Reach\Checks\InRange;

/**
 * The *show on* clauses of many templates, found by what a page has instead of one after another. A clause stands under
 * a token that it needs, or under two of them. All clauses of all templates stand in one order: the closest first, the
 * earlier in hand order before the later. The place in that order is a clause's rank; the smallest that matches wins.
 *
 * Under a token stand the ranks that have to be asked, smallest first, and last one that need not be asked because it
 * matches whatever has the token: none after it can win. Where it is the only one, it stands there by itself.
 *
 * An entry: the verdict when it wins, tokens needed besides, numbers that have to lie between two others, checks, and
 * the reach where it has a season or keeps something off.
 *
 * @phpstan-import-type Packed from KeptEntries as PackedEntry
 *
 * @phpstan-type Range array{string, int, int}
 * @phpstan-type Entry array{Verdict, list<int>, list<Range>, list<Check>, CompiledReach|null}
 * Clauses that compare numbers and do nothing else stand by themselves, with what they compare: most pages fail the
 * first.
 * @phpstan-type Ranks int|list<int>
 * @phpstan-type Ranged array{string, int, int, list<Range>}
 * @phpstan-type Packed array{entries: list<PackedEntry>, guards: list<string>, pairs: array<int, array<int, Ranks>>,
 *     singles: array<int, Ranks>, ranged: array<int, Ranged>, anywhere: Ranks}
 *
 * @internal
 */
final readonly class ClauseIndex
{
    /**
     * @param  list<Entry>|KeptEntries  $entries  by rank
     * @param  array<int, array<int, Ranks>>  $pairs
     * @param  array<int, Ranks>  $singles
     * @param  array<int, Ranged>  $ranged  by rank, the smallest first
     * @param  Ranks  $anywhere  other clauses that no token tells of
     */
    private function __construct(
        private array|KeptEntries $entries,
        private array $pairs,
        private array $singles,
        private array $ranged,
        private int|array $anywhere,
    ) {
    }

    /** @param  list<Candidate>  $candidates in hand order */
    public static function of(array $candidates, DecidedBy $step, int $fallbackId): self
    {
        $variants = [];
        foreach ($candidates as $hand => $candidate) {
            $reach = $candidate->reach;
            $guarded = $reach->keepOff === [] && $reach->season->isAlways() ? null : $reach;
            foreach ($reach->show as $number => $clause) {
                foreach (ClauseVariant::of($clause) as $variant) {
                    $variants[] = [
                        $variant,
                        new RankOfReach($reach->goesFirst, $variant->closeness, $hand, $number),
                        new Verdict(
                            $candidate->templateId,
                            $step,
                            $number,
                            $variant->closeness,
                            unruled: $candidate->templateId === $fallbackId && $clause->conditions === [],
                        ),
                        $guarded,
                    ];
                }
            }
        }
        usort($variants, static fn (array $one, array $other): int => $one[1]->compare($other[1]));
        $entries = $pairs = $singles = $ranged = $anywhere = [];
        foreach ($variants as $rank => [$variant, , $verdict, $guarded]) {
            [$ranges, $asks] = self::asked($variant->asks);
            $entries[] = [$verdict, $variant->needs, $ranges, $asks, $guarded];
            $comparesAlone = $ranges !== [] && $variant->needs === [] && $asks === [] && $guarded === null;
            foreach ($variant->anchors as [$first, $second]) {
                if ($first !== null && $second !== null) {
                    $pairs[$first][$second][] = $rank;
                } elseif ($first !== null) {
                    $singles[$first][] = $rank;
                } elseif ($comparesAlone) {
                    $ranged[$rank] = [...$ranges[0], array_slice($ranges, 1)];
                } else {
                    $anywhere[] = $rank;
                }
            }
        }

        return new self(
            $entries,
            array_map(static fn (array $seconds): array => self::shortened($seconds, $entries), $pairs),
            self::shortened($singles, $entries),
            $ranged,
            self::ranks($anywhere, $entries),
        );
    }

    /**
     * As plain arrays, to be kept between requests.
     *
     * @return Packed
     */
    public function pack(): array
    {
        if ($this->entries instanceof KeptEntries) {
            throw new LogicException('What was packed is not packed again.');
        }
        [$entries, $guards] = KeptEntries::pack($this->entries);

        return [
            'entries' => $entries,
            'guards' => $guards,
            'pairs' => $this->pairs,
            'singles' => $this->singles,
            'ranged' => $this->ranged,
            'anywhere' => $this->anywhere,
        ];
    }

    /** @param  Packed  $packed */
    public static function unpack(array $packed): self
    {
        return new self(
            new KeptEntries($packed['entries'], $packed['guards']),
            $packed['pairs'],
            $packed['singles'],
            $packed['ranged'],
            $packed['anywhere'],
        );
    }

    /** The verdict as far as these clauses have a say; null where none matches. */
    public function closest(Features $features): ?Verdict
    {
        $tokens = $features->tokens;
        [$pairs, $singles] = [$this->pairs, $this->singles];
        $best = PHP_INT_MAX;
        foreach ($tokens as $token => $_) {
            if (isset($pairs[$token])) {
                $seconds = $pairs[$token];
                foreach ($tokens as $second => $_) {
                    if (isset($seconds[$second])) {
                        $ranks = $seconds[$second];
                        $best = is_int($ranks)
                            ? ($ranks < $best ? $ranks : $best)
                            : $this->better($ranks, $best, $features);
                    }
                }
            }
            if (isset($singles[$token])) {
                $ranks = $singles[$token];
                $best = is_int($ranks) ? ($ranks < $best ? $ranks : $best) : $this->better($ranks, $best, $features);
            }
        }
        $best = $this->compared($features->numbers, $best);
        $ranks = $this->anywhere;
        $best = is_int($ranks) ? ($ranks < $best ? $ranks : $best) : $this->better($ranks, $best, $features);

        return $best === PHP_INT_MAX ? null : $this->entries[$best][0];
    }

    /**
     * @param  array<string, int>  $numbers
     * @return int the smallest rank of those that compare alone that matches, if it is smaller than the best so far
     */
    private function compared(array $numbers, int $best): int
    {
        foreach ($this->ranged as $rank => [$quantity, $min, $max, $others]) {
            if ($rank >= $best) {
                break;
            }
            $number = $numbers[$quantity] ?? null;
            if ($number === null || $number < $min || $number > $max) {
                continue;
            }
            foreach ($others as [$quantity, $min, $max]) {
                $number = $numbers[$quantity] ?? null;
                if ($number === null || $number < $min || $number > $max) {
                    continue 2;
                }
            }

            return $rank;
        }

        return $best;
    }

    /**
     * @param  list<int>  $ranks
     * @return int the smallest of them that matches, if it is smaller than the best so far
     */
    private function better(array $ranks, int $best, Features $features): int
    {
        foreach ($ranks as $rank) {
            if ($rank >= $best) {
                break;
            }
            [, $needs, $ranges, $asks, $guarded] = $this->entries[$rank];
            foreach ($needs as $token) {
                if (! isset($features->tokens[$token])) {
                    continue 2;
                }
            }
            foreach ($ranges as [$quantity, $min, $max]) {
                $number = $features->numbers[$quantity] ?? null;
                if ($number === null || $number < $min || $number > $max) {
                    continue 2;
                }
            }
            foreach ($asks as $check) {
                if (! $check->holds($features)) {
                    continue 2;
                }
            }
            if ($guarded === null
                || ($guarded->season->holds($features->at) && $guarded->keptOffBy($features) === null)) {
                return $rank;
            }
        }

        return $best;
    }

    /**
     * @param  list<Check>  $checks
     * @return array{list<Range>, list<Check>} numbers are compared where they are asked for, all else asks the page
     */
    private static function asked(array $checks): array
    {
        $ranges = $others = [];
        foreach ($checks as $check) {
            if ($check instanceof InRange) {
                $ranges[] = [$check->quantity->value, $check->min ?? PHP_INT_MIN, $check->max ?? PHP_INT_MAX];
            } else {
                $others[] = $check;
            }
        }

        return [$ranges, $others];
    }

    /**
     * @param  array<int, list<int>>  $byToken
     * @param  list<Entry>  $entries
     * @return array<int, Ranks>
     */
    private static function shortened(array $byToken, array $entries): array
    {
        return array_map(static fn (array $ranks): int|array => self::ranks($ranks, $entries), $byToken);
    }

    /**
     * @param  list<int>  $ranks
     * @param  list<Entry>  $entries
     * @return Ranks up to the first that need not be asked
     */
    private static function ranks(array $ranks, array $entries): int|array
    {
        $kept = [];
        foreach ($ranks as $rank) {
            $kept[] = $rank;
            [, $needs, $ranges, $asks, $guarded] = $entries[$rank];
            if ($needs === [] && $ranges === [] && $asks === [] && $guarded === null) {
                return count($kept) === 1 ? $rank : $kept;
            }
        }

        return $kept;
    }
}
