<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use Illuminate\Database\QueryException;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Soon;
use Vestibra\App\Ground\Sql\Database;

/**
 * Which pages have changed since their verdicts were kept: few are asked beside what is kept, many are kept anew first,
 * and where nothing stands that could be relied on, it is asked for in the background.
 */
final class StaleVerdicts
{
    /** So many are asked beside what is kept. */
    private const MOST_STALE = 2_000;

    /** When so many are stale they are kept anew in the background. */
    private const MANY_STALE = 20;

    /** @var array{array{int, int}, list<int>|null}|null as of when, and what is stale */
    private ?array $seen = null;

    public function __construct(
        private readonly KindRulesReader $reader,
        private readonly ShopClock $clock,
        private readonly KeepingVerdicts $keeping,
    ) {
    }

    /** @return list<int>|null whoever asks may wait until very much is kept anew; null: not to be had */
    public function now(): ?array
    {
        return $this->ofReady(true);
    }

    /**
     * What is not to be had in a moment is asked for in the background.
     *
     * @return list<int>|null asked once for a page that is made; null: not to be had
     */
    public function forCustomers(): ?array
    {
        $asOf = [$this->reader->now(), Database::writes()];
        if ($this->seen === null || $this->seen[0] !== $asOf) {
            $this->seen = [$asOf, $this->ofReady(false)];
        }

        return $this->seen[1];
    }

    /**
     * @return list<int>|null what is stale now, and what the clock makes stale until an instant; null: not to be had,
     *     or very much
     */
    public function by(int $at): ?array
    {
        $now = $this->reader->now();
        $stale = $at < $now ? null : $this->now();
        $state = $stale === null || $at === $now ? null : KeepingVerdicts::state();
        if ($state === null) {
            return $stale;
        }
        $stale = KeepingVerdicts::stale($state, $at);

        return count($stale) > self::MOST_STALE ? null : $stale;
    }

    /**
     * @param  bool  $waits  whether whoever asks may wait until very much is kept anew
     * @return list<int>|null what is stale beside all that is kept and stands; null where it cannot be had: what is
     *     missing is asked for
     */
    private function ofReady(bool $waits): ?array
    {
        $now = $this->reader->now();
        $state = $this->clock->isMoved() ? null : KeepingVerdicts::state();
        if ($state === null || $now < $state->at) {
            $this->clock->isMoved() || Soon::ask(new RefreshVerdicts);
            $state = $this->clock->isMoved() ? null : KeepingVerdicts::state();
        }
        if ($state === null || $now < $state->at) {
            return null;
        }
        $stale = KeepingVerdicts::stale($state, $now);
        $isBehind = count($stale) > self::MOST_STALE || ! $state->holds($now);
        if ($isBehind && $waits) {
            return $this->caughtUp();
        }
        $isBehind || count($stale) > self::MANY_STALE ? Soon::ask(new RefreshVerdicts) : null;

        return $isBehind ? null : $stale;
    }

    /** @return list<int>|null what is stale after all that had changed was kept; null where that did not go */
    private function caughtUp(): ?array
    {
        try {
            $this->keeping->catchUp();
        } catch (QueryException $error) {
            str_contains($error->getMessage(), 'locked') || NoRoom::isBehind($error) || throw $error;

            return null;
        }

        return [];
    }
}
