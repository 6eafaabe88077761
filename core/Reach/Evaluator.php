<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use LogicException;

/**
 * Decides which template a page gets. The one place that does; with reasons asked for, it explains the same decision.
 *
 * @phpstan-import-type Packed from ClauseIndex as PackedIndex
 * @phpstan-import-type CutOff from ClauseIndex
 * @phpstan-import-type Times from Horizon
 * @phpstan-import-type Changes from ChangedRules
 *
 * @phpstan-type Packed array{live: array<int, true>, first: PackedIndex|null, others: PackedIndex, fallback: int,
 *     horizon: string|null, collections: string|null}
 * @phpstan-type Rest array{first: CutOff|null, others: CutOff, times: array<int, Times>, order: list<int>}
 *
 * @api
 */
final readonly class Evaluator
{
    /** The template that a page is pinned to that is to have none at all. */
    public const NONE = 0;

    /** Of what pack() gives: another number as soon as it is read differently. */
    public const PACKED = 4;

    /** Of those that go first; null where none does. */
    private ?ClauseIndex $first;

    private ClauseIndex $others;

    private Verdict $fallback;

    /** Null where the clock changes nothing. */
    private ?Horizon $horizon;

    /**
     * @param  array<int, true>  $live  ids of live templates
     * @param  list<Candidate>|null  $candidates  all templates of the page's kind, in hand order; null where they are
     *     not known, so that reasons cannot be asked for
     */
    private function __construct(
        private array $live,
        ?ClauseIndex $first,
        ClauseIndex $others,
        private int $fallbackId,
        ?Horizon $horizon,
        public RuleCollections $collections,
        private ?array $candidates,
    ) {
        $this->first = $first;
        $this->others = $others;
        $this->horizon = $horizon;
        $this->fallback = new Verdict($fallbackId, DecidedBy::Fallback, unruled: true);
    }

    /** @param  list<Candidate>  $candidates all templates of the page's kind, in hand order */
    public static function of(array $candidates, int $fallbackId, RuleCollections $collections): self
    {
        $live = array_values(array_filter($candidates, static fn (Candidate $one): bool => $one->live));
        $first = array_values(array_filter($live, static fn (Candidate $one): bool => $one->reach->goesFirst));
        $others = array_values(array_filter($live, static fn (Candidate $one): bool => ! $one->reach->goesFirst));

        return new self(
            array_fill_keys(array_column($live, 'templateId'), true),
            $first === [] ? null : ClauseIndex::of($first, DecidedBy::GoesFirst, $fallbackId),
            ClauseIndex::of($others, DecidedBy::Closest, $fallbackId),
            $fallbackId,
            Horizon::of(self::times($live, $collections)),
            $collections,
            $candidates,
        );
    }

    /**
     * All that is needed to decide, without reasons, as plain arrays to be kept between requests.
     *
     * @return Packed
     */
    public function pack(): array
    {
        return [
            'live' => $this->live,
            'first' => $this->first?->pack(),
            'others' => $this->others->pack(),
            'fallback' => $this->fallbackId,
            'horizon' => $this->horizon === null ? null : serialize($this->horizon),
            'collections' => $this->collections->reaches === [] ? null : serialize($this->collections),
        ];
    }

    /**
     * What `ChangedRules` needs besides, once a template has changed.
     *
     * @return Rest
     */
    public function rest(): array
    {
        $live = array_values(array_filter($this->known(), static fn (Candidate $one): bool => $one->live));

        return [
            'first' => $this->first?->cutOff(),
            'others' => $this->others->cutOff(),
            'times' => self::times($live, $this->collections),
            'order' => array_column($live, 'templateId'),
        ];
    }

    /**
     * @param  Packed  $packed as this version packed it
     * @param  Changes|null  $changes  of a few templates since it was packed
     */
    public static function unpack(array $packed, ?array $changes = null): self
    {
        $horizon = $changes === null ? $packed['horizon'] : $changes['horizon'];
        $horizon = $horizon === null ? null : unserialize($horizon);
        $collections = $packed['collections'] === null ? RuleCollections::none() : unserialize($packed['collections']);
        $first = $packed['first'] ?? (($changes['first'] ?? null) === null ? null : ChangedRules::nothing());

        return new self(
            array_diff_key($packed['live'], $changes['gone'] ?? []) + ($changes['live'] ?? []),
            $first === null ? null : ClauseIndex::unpack($first, $changes['first'] ?? null),
            ClauseIndex::unpack($packed['others'], $changes['others'] ?? null),
            $packed['fallback'],
            $horizon instanceof Horizon ? $horizon : null,
            $collections instanceof RuleCollections ? $collections : RuleCollections::none(),
            null,
        );
    }

    /**
     * @param  list<Candidate>  $live
     * @return array<int, Times> by template, those of collections by rule below all; only of what looks at the clock
     */
    private static function times(array $live, RuleCollections $collections): array
    {
        $times = [self::NONE => Horizon::times($collections->reaches)];
        foreach ($live as $candidate) {
            $times[$candidate->templateId] = Horizon::times([$candidate->reach]);
        }

        return array_filter($times);
    }

    /** @return list<Candidate> */
    private function known(): array
    {
        return $this->candidates ?? throw new LogicException('Only what is live is known, so no reasons can be given.');
    }

    public function decide(Features $features, ?int $pinnedTo = null, bool $withReasons = false): Verdict
    {
        if ($this->collections->reaches !== []) {
            $features = $this->collections->judge($features);
        }
        $verdict = $pinnedTo === self::NONE || ($pinnedTo !== null && isset($this->live[$pinnedTo]))
            ? new Verdict($pinnedTo, DecidedBy::Pin)
            : $this->first?->closest($features) ?? $this->others->closest($features) ?? $this->fallback;
        $until = $this->horizon?->after($features);
        if ($pinnedTo === null && ! $withReasons && $until === null) {
            return $verdict;
        }

        return new Verdict(
            $verdict->templateId,
            $verdict->step,
            $verdict->clause,
            $verdict->closeness,
            $withReasons ? $this->losers($features, $verdict) : [],
            $pinnedTo !== null && $verdict->step !== DecidedBy::Pin,
            $until,
            $verdict->unruled,
        );
    }

    /** @return list<Loser> */
    private function losers(Features $features, Verdict $winning): array
    {
        $losers = [];
        $winnerSeen = false;
        foreach ($this->known() as $candidate) {
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
        $beats = $match !== null
            && $keptOffBy === null
            && $this->beats($reach->goesFirst, $match, $winning, $afterWinner);
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
            $winning->step === DecidedBy::Pin => Reason::PinDecides,
            $winning->step === DecidedBy::GoesFirst && ! $reach->goesFirst => Reason::AnotherGoesFirst,
            $winning->closeness !== null && $match->closeness->compare($winning->closeness) < 0 => Reason::LessClose,
            default => Reason::LaterInHandOrder,
        };

        return new Loser($id, $reason, $match->clause, $match->closeness);
    }

    /** Whether a match would have won, had it been allowed to take part. */
    private function beats(bool $goesFirst, ClauseMatch $match, Verdict $winning, bool $afterWinner): bool
    {
        if ($winning->closeness === null) {
            return $winning->step !== DecidedBy::Pin;
        }
        if ($goesFirst !== ($winning->step === DecidedBy::GoesFirst)) {
            return $goesFirst;
        }
        $order = $match->closeness->compare($winning->closeness);

        return $order > 0 || ($order === 0 && ! $afterWinner);
    }
}
