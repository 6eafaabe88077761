<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * Decides which template a page gets. The one place that does; with reasons asked for, it explains the same decision.
 */
final readonly class Evaluator
{
    private ClauseIndex $first;

    private ClauseIndex $others;

    private Horizon $horizon;

    /** @var array<int, true> ids of live templates */
    private array $live;

    /** @param  list<Candidate>  $candidates all templates of the page's kind, in hand order */
    public function __construct(
        private array $candidates,
        private int $fallbackId,
        private RuleCollections $collections,
    ) {
        $first = $others = $live = [];
        foreach ($candidates as $hand => $candidate) {
            if ($candidate->live) {
                $live[$candidate->templateId] = true;
                if ($candidate->reach->goesFirst) {
                    $first[$hand] = $candidate->reach;
                } else {
                    $others[$hand] = $candidate->reach;
                }
            }
        }
        $this->live = $live;
        $this->first = ClauseIndex::of($first);
        $this->others = ClauseIndex::of($others);
        $this->horizon = Horizon::of([...$first, ...$others, ...$collections->reaches]);
    }

    public function decide(Subject $subject, ?int $pinnedTo = null, bool $withReasons = false): Verdict
    {
        if ($this->collections->reaches !== []) {
            $subject = $this->collections->judge($subject);
        }
        $pinned = $pinnedTo !== null && isset($this->live[$pinnedTo]);
        $step = Step::Pin;
        $winner = $pinned ? $pinnedTo : $this->fallbackId;
        $found = null;
        if (! $pinned) {
            $found = $this->first->isEmpty() ? null : $this->first->closest($subject);
            $step = Step::GoesFirst;
            if ($found === null) {
                $found = $this->others->closest($subject);
                $step = $found === null ? Step::Fallback : Step::Closest;
            }
            $winner = $found === null ? $this->fallbackId : $this->candidates[$found[0]]->templateId;
        }
        $match = $found[1] ?? null;

        return new Verdict(
            $winner,
            $step,
            $match?->clause,
            $match?->closeness,
            $withReasons ? $this->losers($subject, $winner, $step, $match) : [],
            $pinnedTo !== null && ! $pinned,
            $this->horizon->after($subject),
        );
    }

    /** @return list<Loser> */
    private function losers(Subject $subject, int $winner, Step $step, ?ClauseMatch $winning): array
    {
        $losers = [];
        $winnerSeen = false;
        foreach ($this->candidates as $candidate) {
            if ($candidate->templateId === $winner) {
                $winnerSeen = true;
            } else {
                $losers[] = $this->loser($candidate, $subject, $step, $winning, $winnerSeen);
            }
        }

        return $losers;
    }

    private function loser(
        Candidate $candidate,
        Subject $subject,
        Step $step,
        ?ClauseMatch $winning,
        bool $afterWinner,
    ): Loser {
        $id = $candidate->templateId;
        $reach = $candidate->reach;
        $match = $reach->closest($subject);
        $inSeason = $reach->season->holds($subject->at);
        $keptOffBy = $reach->keptOffBy($subject);
        $beats = $match !== null && $keptOffBy === null && $this->beats($reach->goesFirst, $match, $step, $winning, $afterWinner);
        if (! $candidate->live) {
            return new Loser($id, Reason::NotLive, $match?->clause, $match?->closeness, wouldWin: $inSeason && $beats);
        }
        if (! $inSeason) {
            return new Loser($id, Reason::OutOfSeason, $match?->clause, $match?->closeness, wouldWin: $beats);
        }
        if ($match === null) {
            $miss = $reach->nearestMiss($subject);

            return $miss === null && $id === $this->fallbackId
                ? new Loser($id, Reason::NotNeeded)
                : new Loser($id, Reason::NoClauseMatched, $miss[0] ?? null, failed: $miss[1] ?? []);
        }
        if ($keptOffBy !== null) {
            return new Loser($id, Reason::KeptOff, $keptOffBy, $match->closeness);
        }
        $reason = match (true) {
            $step === Step::Pin => Reason::PinDecides,
            $step === Step::GoesFirst && ! $reach->goesFirst => Reason::AnotherGoesFirst,
            $winning !== null && $match->closeness->compare($winning->closeness) < 0 => Reason::LessClose,
            default => Reason::LaterInHandOrder,
        };

        return new Loser($id, $reason, $match->clause, $match->closeness);
    }

    /** Whether a match would have won, had it been allowed to take part. */
    private function beats(bool $goesFirst, ClauseMatch $match, Step $step, ?ClauseMatch $winning, bool $afterWinner): bool
    {
        if ($step === Step::Pin || $winning === null) {
            return $step !== Step::Pin;
        }
        if ($goesFirst !== ($step === Step::GoesFirst)) {
            return $goesFirst;
        }
        $order = $match->closeness->compare($winning->closeness);

        return $order > 0 || ($order === 0 && ! $afterWinner);
    }
}
