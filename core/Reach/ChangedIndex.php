<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * What a few templates that changed change in an index that was kept: their own clauses, between the ranks of the
 * others, and the lists under the tokens that they name or named. All else stays as it was compiled.
 *
 * @phpstan-import-type Packed from ClauseIndex
 * @phpstan-import-type CutOff from ClauseIndex
 * @phpstan-import-type Ranks from ClauseIndex
 * @phpstan-import-type Ranged from ClauseIndex
 * @phpstan-import-type Packed from KeptEntries as PackedEntry
 *
 * @phpstan-type Changes array{entries: array<int, PackedEntry>, guards: list<string>, gone: array<int, true>,
 *     pairs: array<int, array<int, Ranks>>, singles: array<int, Ranks>, ranged: array<int, Ranged>, anywhere: Ranks}
 *
 * @internal
 */
final readonly class ChangedIndex
{
    /**
     * @param  Packed  $packed
     * @param  array<int, true>  $gone  ranks that no longer count
     * @param  array<int, PackedEntry>  $entries  by rank, those that are new
     */
    private function __construct(
        private array $packed,
        private array $gone,
        private array $entries,
    ) {
    }

    /**
     * @param  Packed  $packed
     * @param  CutOff  $cutOff  of the same index
     * @param  array<int, true>  $changed  templates whose clauses in it no longer count
     * @param  list<IndexedClause>  $clauses  that count now, the one that wins over the others first
     * @param  array<int, int>  $hand  template => its place in hand order, of all whose clauses count
     * @return Changes
     */
    public static function of(array $packed, array $cutOff, array $changed, array $clauses, array $hand): array
    {
        $gone = $staying = [];
        foreach ($packed['entries'] as $rank => $entry) {
            if (isset($changed[$entry[0]])) {
                $gone[$rank] = true;
            } else {
                $staying[] = $rank;
            }
        }
        $lists = new ClauseLists;
        $entries = [];
        foreach (self::between($packed, $staying, $clauses, $hand) as $rank => $clause) {
            $entries[$rank] = $clause->entry;
            $lists->add($rank, $clause);
        }
        [$entries, $guards] = KeptEntries::pack($entries, count($packed['guards']));
        $change = new self($packed, $gone, $entries);

        return [
            'entries' => $entries,
            'guards' => $guards,
            'gone' => $gone,
            'pairs' => $change->pairs($cutOff, $lists),
            'singles' => $change->lists($packed['singles'], $cutOff['singles'], $lists->singles),
            'ranged' => $lists->ranged,
            'anywhere' => $change->ranks($packed['anywhere'], $cutOff['anywhere'], $lists->anywhere)
                ?? $packed['anywhere'],
        ];
    }

    /**
     * @param  Packed  $packed
     * @param  list<int>  $staying  ranks, smallest first
     * @param  list<IndexedClause>  $clauses
     * @param  array<int, int>  $hand
     * @return array<int, IndexedClause> by rank, each between those that it wins over and those that win over it
     */
    private static function between(array $packed, array $staying, array $clauses, array $hand): array
    {
        $byPlace = [];
        foreach ($clauses as $clause) {
            [$low, $high] = [0, count($staying)];
            $key = $clause->rank->key;
            while ($low < $high) {
                $middle = ($low + $high) >> 1;
                [$template, , $number, $closeness] = $packed['entries'][$staying[$middle]];
                $other = RankOfReach::key($key[0] === 0, $closeness, $hand[$template] ?? PHP_INT_MAX, $number ?? 0);
                [$low, $high] = $other < $key ? [$middle + 1, $high] : [$low, $middle];
            }
            $byPlace[$low][] = $clause;
        }
        $ranks = [];
        foreach ($byPlace as $place => $together) {
            $before = $staying[$place - 1] ?? 0;
            $step = intdiv(
                ($staying[$place] ?? $before + ClauseIndex::BETWEEN * (count($together) + 1)) - $before,
                count($together) + 1,
            );
            foreach ($together as $number => $clause) {
                $ranks[$before + $step * ($number + 1)] = $clause;
            }
        }

        return $ranks;
    }

    /**
     * @param  CutOff  $cutOff
     * @return array<int, array<int, Ranks>>
     */
    private function pairs(array $cutOff, ClauseLists $added): array
    {
        $pairs = [];
        foreach ($this->packed['pairs'] + $added->pairs as $first => $_) {
            $pairs[$first] = $this->lists(
                $this->packed['pairs'][$first] ?? [],
                $cutOff['pairs'][$first] ?? [],
                $added->pairs[$first] ?? [],
            );
        }

        return array_filter($pairs);
    }

    /**
     * @param  array<int, Ranks>  $lists  by token
     * @param  array<int, list<int>>  $cutOff
     * @param  array<int, list<int>>  $added
     * @return array<int, Ranks> those that are others now
     */
    private function lists(array $lists, array $cutOff, array $added): array
    {
        $changed = [];
        foreach ($lists + $added as $token => $_) {
            $ranks = $this->ranks($lists[$token] ?? [], $cutOff[$token] ?? [], $added[$token] ?? []);
            if ($ranks !== null) {
                $changed[$token] = $ranks;
            }
        }

        return $changed;
    }

    /**
     * @param  Ranks  $ranks
     * @param  list<int>  $cutOff
     * @param  list<int>  $added
     * @return Ranks|null null where nothing is different
     */
    private function ranks(int|array $ranks, array $cutOff, array $added): int|array|null
    {
        $whole = is_int($ranks) ? [$ranks] : $ranks;
        if ($cutOff !== []) {
            array_push($whole, ...$cutOff);
        }
        $stay = [];
        foreach ($whole as $rank) {
            if (! isset($this->gone[$rank])) {
                $stay[] = $rank;
            }
        }
        if ($added === [] && count($stay) === count($whole)) {
            return null;
        }
        $now = [...$stay, ...$added];
        sort($now);

        return ClauseIndex::cut($now, $this->isSure(...))[0];
    }

    private function isSure(int $rank): bool
    {
        [, , , , , $needs, $ranges, $checks, $guard] = $this->entries[$rank] ?? $this->packed['entries'][$rank];

        return $needs === [] && $ranges === [] && $checks === [] && $guard === null;
    }
}
