<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use LogicException;

/**
 * The *show on* clauses of many templates, found by what a page has instead of one after another. A clause stands under
 * a token that it needs, or under two of them. All clauses of all templates stand in one order: the closest first, the
 * earlier in hand order before the later. The place in that order is a clause's rank; the smallest that matches wins.
 *
 * Under a token stand the ranks that have to be asked, smallest first, and last one that need not be asked because it
 * matches whatever has the token: none after it can win. Where it is the only one, it stands there by itself. What was
 * cut off is needed only when a template changes (`ChangedIndex`); for the same reason ranks lie far apart.
 *
 * An entry: the verdict when it wins, tokens needed besides, numbers that have to lie between two others, checks, and
 * the reach where it has a season or keeps something off.
 *
 * @phpstan-import-type Packed from KeptEntries as PackedEntry
 * @phpstan-import-type Changes from ChangedIndex
 *
 * @phpstan-type Range array{string, int, int}
 * @phpstan-type Entry array{Verdict, list<int>, list<Range>, list<Check>, CompiledReach|null}
 * Clauses that compare numbers and do nothing else stand by themselves, with what they compare: most pages fail the
 * first.
 * @phpstan-type Ranks int|list<int>
 * @phpstan-type Ranged array{string, int, int, list<Range>}
 * @phpstan-type Packed array{entries: array<int, PackedEntry>, guards: list<string>,
 *     pairs: array<int, array<int, Ranks>>, singles: array<int, Ranks>, ranged: array<int, Ranged>, anywhere: Ranks}
 * @phpstan-type CutOff array{pairs: array<int, array<int, list<int>>>, singles: array<int, list<int>>,
 *     anywhere: list<int>}
 *
 * @internal
 */
final readonly class ClauseIndex
{
    /** How far ranks lie apart, so that others fit between two of them. Odd: PHP finds keys by their lowest bits. */
    public const BETWEEN = 1_000_003;

    /**
     * @param  array<int, Entry>|KeptEntries  $entries  by rank
     * @param  array<int, array<int, Ranks>>  $pairs
     * @param  array<int, Ranks>  $singles
     * @param  array<int, Ranged>  $ranged  by rank, the smallest first
     * @param  Ranks  $anywhere  other clauses that no token tells of
     * @param  CutOff|null  $cutOff  null where it was packed
     */
    private function __construct(
        private array|KeptEntries $entries,
        private array $pairs,
        private array $singles,
        private array $ranged,
        private int|array $anywhere,
        private ?array $cutOff,
    ) {
    }

    /** @param  array<int, Candidate>  $candidates  by their place in hand order */
    public static function of(array $candidates, DecidedBy $step, int $fallbackId): self
    {
        $entries = [];
        $lists = new ClauseLists;
        foreach (IndexedClause::of($candidates, $step, $fallbackId) as $place => $clause) {
            $rank = ($place + 1) * self::BETWEEN;
            $entries[$rank] = $clause->entry;
            $lists->add($rank, $clause);
        }
        $isSure = static fn (int $rank): bool => array_slice($entries[$rank], 1) === [[], [], [], null];
        $pairs = $singles = $cutOff = [];
        foreach ($lists->pairs as $first => $seconds) {
            foreach ($seconds as $second => $ranks) {
                [$pairs[$first][$second], $cutOff['pairs'][$first][$second]] = self::cut($ranks, $isSure);
            }
        }
        foreach ($lists->singles as $token => $ranks) {
            [$singles[$token], $cutOff['singles'][$token]] = self::cut($ranks, $isSure);
        }
        [$anywhere, $more] = self::cut($lists->anywhere, $isSure);

        return new self($entries, $pairs, $singles, $lists->ranged, $anywhere, [
            'pairs' => array_filter(array_map(array_filter(...), $cutOff['pairs'] ?? [])),
            'singles' => array_filter($cutOff['singles'] ?? []),
            'anywhere' => $more,
        ]);
    }

    /**
     * @param  list<int>  $ranks  smallest first
     * @param  callable(int): bool  $isSure  whether the clause of a rank matches whatever is found under its token
     * @return array{Ranks, list<int>} up to the first that need not be asked; those after it
     */
    public static function cut(array $ranks, callable $isSure): array
    {
        foreach ($ranks as $place => $rank) {
            if ($isSure($rank)) {
                return [$place === 0 ? $rank : array_slice($ranks, 0, $place + 1), array_slice($ranks, $place + 1)];
            }
        }

        return [$ranks, []];
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

    /** @return CutOff what pack() leaves out */
    public function cutOff(): array
    {
        return $this->cutOff ?? throw new LogicException('What was packed has nothing that was cut off.');
    }

    /**
     * @param  Packed  $packed
     * @param  Changes|null  $changes  of a few templates since it was packed
     */
    public static function unpack(array $packed, ?array $changes = null): self
    {
        [$pairs, $singles, $ranged] = [$packed['pairs'], $packed['singles'], $packed['ranged']];
        foreach ($changes['pairs'] ?? [] as $first => $seconds) {
            foreach ($seconds as $second => $ranks) {
                $pairs[$first][$second] = $ranks;
            }
        }
        foreach ($changes['singles'] ?? [] as $token => $ranks) {
            $singles[$token] = $ranks;
        }
        if ($changes !== null && ($changes['ranged'] !== [] || $changes['gone'] !== [])) {
            $ranged = array_diff_key($ranged, $changes['gone']) + $changes['ranged'];
            ksort($ranged);
        }
        $entries = new KeptEntries(
            $packed['entries'],
            [...$packed['guards'], ...$changes['guards'] ?? []],
            $changes['entries'] ?? [],
        );

        return new self($entries, $pairs, $singles, $ranged, $changes['anywhere'] ?? $packed['anywhere'], null);
    }

    /** The verdict as far as these clauses have a say; null where none matches. */
    public function closest(Features $features): ?Verdict
    {
        $tokens = $features->tokens;
        [$pairs, $singles] = [$this->pairs, $this->singles];
        [$best, $width] = [PHP_INT_MAX, count($tokens)];
        foreach ($tokens as $token => $_) {
            if (isset($pairs[$token])) {
                $seconds = count($pairs[$token]) > $width ? self::had($pairs[$token], $tokens) : $pairs[$token];
                foreach ($seconds as $second => $ranks) {
                    if (isset($tokens[$second])) {
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
     * @param  array<int, Ranks>  $seconds  more than a page has tokens
     * @param  array<int, true>  $tokens
     * @return array<int, Ranks> those of the tokens that it has
     */
    private static function had(array $seconds, array $tokens): array
    {
        $had = [];
        foreach ($tokens as $token => $_) {
            if (isset($seconds[$token])) {
                $had[$token] = $seconds[$token];
            }
        }

        return $had;
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
}
