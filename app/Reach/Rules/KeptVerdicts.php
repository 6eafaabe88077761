<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Queue;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Rules\Sql\ClaimRows;
use Vestibra\App\Reach\Rules\Sql\KeptRows;
use Vestibra\App\Reach\Rules\Sql\WinnersSql;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\Claims;
use Vestibra\Core\Reach\CompiledReach;

/**
 * Which template the page of each product has, kept between requests. Triggers say which products have changed since:
 * those are asked by themselves, so that what is said is always as things stand; once they are many they are kept anew
 * in the background. A template whose rules change is worked in by itself.
 *
 * @phpstan-import-type Row from VerdictTally
 */
final class KeptVerdicts
{
    /** So many are asked beside what is kept. */
    private const MOST_STALE = 2_000;

    /** When so many are stale they are kept anew in the background, asked for once in so many seconds. */
    private const MANY_STALE = 20;

    private const ONCE_IN = 20;

    /** Of more pages than these the database is asked: so many take 95 of a request's usual 128 MB. */
    private const MOST_IN_MEMORY = 75_000;

    /** @var array{array{int, int}, list<int>|null}|null as of when, and what is stale */
    private ?array $seen = null;

    public function __construct(
        private readonly KindRulesReader $reader,
        private readonly ShopClock $clock,
        private readonly ClaimedPages $pages,
        private readonly KeepingVerdicts $keeping,
    ) {
    }

    /** @return array<int, array{int, int, int}>|null covers, shown on, won: by live template; null: not to be had */
    public function numbers(): ?array
    {
        $stale = $this->staleOfReady();

        return $stale === null ? null : Database::atOnce(fn (): array => $this->counted($stale));
    }

    /**
     * For customers too: what is not to be had in a moment is asked for in the background.
     *
     * @return array<int, int>|null how many products customers see in each collection by rule; null: not to be had
     */
    public function inCollections(): ?array
    {
        $stale = $this->forCustomers();
        if ($stale === null) {
            return null;
        }
        $found = [];
        foreach (Database::atOnce(fn (): array => $this->counted($stale)) as $claimant => [$covers]) {
            if ($claimant < 0) {
                $found[Claims::collection($claimant)] = $covers;
            }
        }

        return $found;
    }

    /** @return list<int>|null what is stale, asked once for a page that is made */
    private function forCustomers(): ?array
    {
        $asOf = [$this->reader->now(), Database::writes()];
        if ($this->seen === null || $this->seen[0] !== $asOf) {
            $this->seen = [$asOf, $this->staleOfReady(false)];
        }

        return $this->seen[1];
    }

    /**
     * The pages that some rules cover, where a live template has the same ones.
     *
     * @param  KindRules  $contest  of what is live
     * @param  Sql  $covers  true for pages called `p` that are covered
     * @return Sql|null the same, from what is kept; null: not to be had
     */
    public function covered(KindRules $contest, CompiledReach $reach, Sql $covers): ?Sql
    {
        $same = array_values(array_filter(
            $contest->pages->kind() === PageKind::Product && $contest->at === $this->reader->now()
                ? $contest->candidates
                : [],
            static fn (Candidate $one): bool => $one->reach->season->holds($contest->at)
                && $one->reach->show == $reach->show
                && $one->reach->keepOff == $reach->keepOff,
        ))[0] ?? null;
        $stale = $same === null ? null : $this->staleOfReady();

        return $same === null || $stale === null
            ? null
            : new Sql('p.id in ('.KeptRows::claimed($same->templateId, $stale, $covers->inlined()).')');
    }

    /**
     * The products of a collection by rule: as they are kept, and by its rule where they are stale.
     *
     * @param  string  $rule  SQL, true for products called `p` that are in it
     * @return string|null SQL; null: not to be had
     */
    public function ofCollection(int $id, string $rule): ?string
    {
        $stale = $this->forCustomers();

        return $stale === null ? null : KeptRows::claimed(Claims::collection($id), $stale, $rule);
    }

    /**
     * What somebody has kept anew meanwhile is counted as it is by then.
     *
     * @param  list<int>  $stale
     * @return array<int, array{int, int, int}>
     */
    private function counted(array $stale): array
    {
        $tally = new VerdictTally(KeepingVerdicts::kept());
        $old = KeptRows::of($stale);
        $new = $stale === [] ? [] : $this->pages->asked($this->reader->live(PageKind::Product), $stale);
        foreach ($stale as $page) {
            $tally->change($old[$page] ?? null, $new[$page] ?? null);
        }

        return $tally->numbers;
    }

    /** @return array<int, int>|null the pages of products that a template claims, each with how strongly */
    public function claims(KindRules $contest, Candidate $candidate): ?array
    {
        if ($contest->pages->kind() !== PageKind::Product) {
            return null;
        }
        $stale = $contest->at === $this->reader->now() && $this->isAsLive($contest, $candidate->templateId)
            ? $this->staleOfReady()
            : null;

        return $stale === null
            ? ClaimRows::of($contest, $candidate)
            : KeptRows::claims($candidate->templateId, $stale) + ($stale === [] ? [] : ClaimRows::of(
                $contest,
                $candidate,
                new Sql('p.id in ('.implode(',', $stale).')'),
            ));
    }

    /**
     * Who would have the pages that a template covers or has, if it had other rules or went live, now or later.
     *
     * @param  KindRules  $then  with the template as it would be, at the instant that is asked about
     * @param  array<int, int>|null  $claims  those of the template, where they are known
     * @return list<object{template_id: int, covered: int, count: int}&\stdClass>|null null: not to be had
     */
    public function split(KindRules $then, Candidate $candidate, ?array $claims = null): ?array
    {
        $stale = $this->staleBy($then->at);
        if ($stale === null) {
            return null;
        }
        $id = $candidate->templateId;
        $isNow = $then->at === $this->reader->now();
        $isAsKept = $isNow && $this->isAsLive($then, $id);
        $counts = $isAsKept ? KeptRows::split($id, $stale) : [];
        $rows = $isAsKept ? [] : $this->rowsAround($then, $candidate, $claims);
        if ($rows === null) {
            return null;
        }
        foreach (array_diff_key($rows, array_flip($stale))
            + $this->pages->asked($then, $stale, $isNow) as [$template, $all]) {
            $covered = (int) (Claims::read($all)->of($id) !== null);
            if ($covered === 1 || $template === $id) {
                $counts[$template][$covered] = ($counts[$template][$covered] ?? 0) + 1;
            }
        }
        $split = [];
        foreach ($counts as $template => $both) {
            foreach ($both as $covered => $count) {
                $split[] = (object) ['template_id' => $template, 'covered' => $covered, 'count' => $count];
            }
        }
        usort($split, static fn (object $one, object $other): int =>
            [$other->count, $one->template_id] <=> [$one->count, $other->template_id]);

        return $split;
    }

    /**
     * @param  array<int, int>|null  $claims  those of the template, where they are known
     * @return array<int, Row>|null pages that a template would cover or have; null: they are too many
     */
    private function rowsAround(KindRules $then, Candidate $candidate, ?array $claims): ?array
    {
        $id = $candidate->templateId;
        $claims ??= ClaimRows::of($then, $candidate);
        $rows = ClaimedPages::around($id, array_keys($claims), array_keys(ClaimedPages::pins(), $id, true));

        $turning = array_diff_key($this->turning($then), [$id => true]);
        foreach ($then->fallbackId === $id ? array_keys($turning) : [] as $other) {
            // What one of them no longer takes comes to the fallback.
            $rows += KeptRows::touching($other);
        }
        if (count($rows) > self::MOST_IN_MEMORY) {
            return null;
        }
        foreach ($turning as $other => $its) {
            $rows = ClaimedPages::decided($then, $rows, $other, ClaimRows::of($then, $its));
        }

        return ClaimedPages::decided($then, $rows, $id, $claims);
    }

    /** @return array<int, Candidate> live templates that are in season by then and not now, or now and not then */
    private function turning(KindRules $then): array
    {
        $now = $this->reader->now();

        return array_filter(
            array_column($then->candidates, null, 'templateId'),
            static fn (Candidate $one): bool => $one->live
                && $one->reach->season->holds($now) !== $one->reach->season->holds($then->at),
        );
    }

    /**
     * @return list<int>|null what is stale now, and what the clock makes stale until an instant; null: not to be had,
     *     or very much
     */
    private function staleBy(int $at): ?array
    {
        $now = $this->reader->now();
        $stale = $at < $now ? null : $this->staleOfReady();
        $state = $stale === null || $at === $now ? null : KeepingVerdicts::state();
        if ($state === null) {
            return $stale;
        }
        $stale = KeepingVerdicts::stale($state, $at);

        return count($stale) > self::MOST_STALE ? null : $stale;
    }

    /** Whether a template has the rules that it has live, and nothing else about the live ones is another way. */
    private function isAsLive(KindRules $then, int $template): bool
    {
        $live = $this->reader->live(PageKind::Product);
        $ids = static fn (KindRules $rules): array => array_column(
            array_filter($rules->candidates, static fn (Candidate $one): bool => $one->live),
            'templateId',
        );

        return $live->candidate($template) == $then->candidate($template)
            && $live->candidate($template) !== null
            && $live->fallbackId === $then->fallbackId
            && $ids($live) === $ids($then);
    }

    /**
     * Page_id and template_id of every page that customers can see, as `WinnersSql` gives them: from what is kept,
     * where it is kept.
     *
     * @param  KindRules  $contest  of what is live
     */
    public function winners(KindRules $contest): Sql
    {
        $isAsked = $contest->pages->kind() === PageKind::Product && $contest->at === $this->reader->now();
        $stale = $isAsked ? $this->staleOfReady() : null;
        if ($stale === null) {
            return WinnersSql::of($contest);
        }

        return KeptRows::winners($stale, array_map(
            static fn (array $row): int => $row[0],
            $stale === [] ? [] : $this->pages->asked($contest, $stale),
        ));
    }

    /**
     * Which template pages have, and would have if some templates were others or pages were pinned otherwise; the
     * fallback and the order stay.
     *
     * @param  KindRules  $then  as it would be
     * @param  list<int>  $changed  templates that have other rules, come or go
     * @param  list<int>  $others  templates whose pages are wanted too
     * @param  list<int>  $pages  that are wanted too
     * @param  array<int, int|null>  $pins  by page, where they would be others; null: none
     * @return array<int, array{int, int}>|null page => before and after, of all that may change; null: not to be had
     */
    public function beforeAndAfter(
        KindRules $then,
        array $changed,
        array $others,
        array $pages,
        array $pins,
    ): ?array {
        $isAsked = $then->pages->kind() === PageKind::Product && $then->at === $this->reader->now();
        $stale = $isAsked ? $this->staleOfReady() : null;
        if ($stale === null) {
            return null;
        }
        $claims = $rows = [];
        $pinned = ClaimedPages::pins();
        foreach ([...$changed, ...$others] as $template) {
            $candidate = in_array($template, $changed, true) ? $then->candidate($template) : null;
            $claims[$template] = $candidate?->live === true ? ClaimRows::of($then, $candidate) : [];
            $its = array_keys($pinned, $template, true);
            $rows += ClaimedPages::around($template, array_keys($claims[$template]), $its);
            if (count($rows) > self::MOST_IN_MEMORY) {
                return null;
            }
        }
        $rows += KeptRows::of(array_keys(array_diff_key($pins + array_flip($pages), $rows)));
        $rows = $this->pages->asked($this->reader->live(PageKind::Product), $stale)
            + array_diff_key($rows, array_flip($stale));
        $after = $rows;
        foreach ($changed as $template) {
            $after = ClaimedPages::decided($then, $after, $template, $claims[$template]);
        }
        // What is pinned otherwise is decided by all its claims.
        $otherwise = array_map(static fn (array $row): array => [0, $row[1]], array_intersect_key($after, $pins));
        $after = array_replace($after, ClaimedPages::decided($then, $otherwise, pins: $pins));
        $both = [];
        foreach ($rows as $page => [$before]) {
            $both[$page] = [$before, $after[$page][0]];
        }

        return $both;
    }

    /**
     * @param  bool  $waits  whether whoever asks may wait until very much is kept anew
     * @return list<int>|null what is stale beside all that is kept and stands; null where it cannot be had: what is
     *     missing is asked for
     */
    private function staleOfReady(bool $waits = true): ?array
    {
        $now = $this->reader->now();
        $state = $this->clock->isMoved() ? null : KeepingVerdicts::state();
        if ($state === null || $now < $state->at) {
            $this->clock->isMoved() || $this->askFor();
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
        $isBehind || count($stale) > self::MANY_STALE ? $this->askFor() : null;

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

    /** That it is done in the background. */
    private function askFor(): void
    {
        NoRoom::passOver(static fn () => Cache::add('verdicts are kept anew', true, self::ONCE_IN)
            && Queue::push(new RefreshVerdicts));
    }
}
