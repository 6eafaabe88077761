<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * Decides which template a page gets. The one place that does; with reasons asked for, it explains the same decision.
 */
final readonly class Evaluator
{
    /** Of those that go first; null where none does. */
    private ?ClauseIndex $first;

    private ClauseIndex $others;

    private Verdict $fallback;

    /** Null where the clock changes nothing. */
    private ?Horizon $horizon;

    /** @var array<int, true> ids of live templates */
    private array $live;

    /** @param  list<Candidate>  $candidates all templates of the page's kind, in hand order */
    public function __construct(
        private array $candidates,
        private int $fallbackId,
        private RuleCollections $collections,
    ) {
        $live = array_values(array_filter($candidates, static fn (Candidate $one): bool => $one->live));
        $first = array_values(array_filter($live, static fn (Candidate $one): bool => $one->reach->goesFirst));
        $others = array_values(array_filter($live, static fn (Candidate $one): bool => ! $one->reach->goesFirst));
        $this->live = array_fill_keys(array_column($live, 'templateId'), true);
        $this->first = $first === [] ? null : ClauseIndex::of($first, Step::GoesFirst, $fallbackId);
        $this->others = ClauseIndex::of($others, Step::Closest, $fallbackId);
        $this->fallback = new Verdict($fallbackId, Step::Fallback, unruled: true);
        $this->horizon = Horizon::of([...array_column($live, 'reach'), ...$collections->reaches]);
    }

    public function decide(Features $features, ?int $pinnedTo = null, bool $withReasons = false): Verdict
    {
        if ($this->collections->reaches !== []) {
            $features = $this->collections->judge($features);
        }
        $verdict = $pinnedTo !== null && isset($this->live[$pinnedTo])
            ? new Verdict($pinnedTo, Step::Pin)
            : $this->first?->closest($features) ?? $this->others->closest($features) ?? $this->fallback;
        if ($pinnedTo === null && ! $withReasons && $this->horizon === null) {
            return $verdict;
        }

        return new Verdict(
            $verdict->templateId,
            $verdict->step,
            $verdict->clause,
            $verdict->closeness,
            $withReasons ? $this->losers($features, $verdict) : [],
            $pinnedTo !== null && $verdict->step !== Step::Pin,
            $this->horizon?->after($features),
            $verdict->unruled,
        );
    }

    /** @return list<Loser> */
    private function losers(Features $features, Verdict $winning): array
    {
        $losers = [];
        $winnerSeen = false;
        foreach ($this->candidates as $candidate) {
            if ($candidate->templateId === $winning->templateId) {
                $winnerSeen = true;
            } else {
                $losers[] = $this->loser($candidate, $features, $winning, $winnerSeen);
            }
        }

        return $losers;
    }

    private function loser(
        Candidate $candidate,
        Features $features,
        Verdict $winning,
        bool $afterWinner,
    ): Loser {
        $id = $candidate->templateId;
        $reach = $candidate->reach;
        $match = $reach->closest($features);
        $inSeason = $reach->season->holds($features->at);
        $keptOffBy = $reach->keptOffBy($features);
        $beats = $match !== null && $keptOffBy === null && $this->beats($reach->goesFirst, $match, $winning, $afterWinner);
        if (! $candidate->live) {
            return new Loser($id, Reason::NotLive, $match?->clause, $match?->closeness, wouldWin: $inSeason && $beats);
        }
        if (! $inSeason) {
            return new Loser($id, Reason::OutOfSeason, $match?->clause, $match?->closeness, wouldWin: $beats);
        }
        if ($match === null) {
            $miss = $reach->nearestMiss($features);

            return $miss === null && $id === $this->fallbackId
                ? new Loser($id, Reason::NotNeeded)
                : new Loser($id, Reason::NoClauseMatched, $miss[0] ?? null, failed: $miss[1] ?? []);
        }
        if ($keptOffBy !== null) {
            return new Loser($id, Reason::KeptOff, $keptOffBy, $match->closeness);
        }
        $reason = match (true) {
            $winning->step === Step::Pin => Reason::PinDecides,
            $winning->step === Step::GoesFirst && ! $reach->goesFirst => Reason::AnotherGoesFirst,
            $winning->closeness !== null && $match->closeness->compare($winning->closeness) < 0 => Reason::LessClose,
            default => Reason::LaterInHandOrder,
        };

        return new Loser($id, $reason, $match->clause, $match->closeness);
    }

    /** Whether a match would have won, had it been allowed to take part. */
    private function beats(bool $goesFirst, ClauseMatch $match, Verdict $winning, bool $afterWinner): bool
    {
        if ($winning->closeness === null) {
            return $winning->step !== Step::Pin;
        }
        if ($goesFirst !== ($winning->step === Step::GoesFirst)) {
            return $goesFirst;
        }
        $order = $match->closeness->compare($winning->closeness);

        return $order > 0 || ($order === 0 && ! $afterWinner);
    }
}
