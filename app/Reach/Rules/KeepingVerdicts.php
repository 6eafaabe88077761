<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use Closure;
use Illuminate\Contracts\Cache\Lock;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Rules\Sql\ClaimRows;
use Vestibra\App\Reach\Rules\Sql\KeptRows;
use Vestibra\App\Reach\Rules\Sql\WinnersSql;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\Claims;

/**
 * Keeps which template the page of each product has, with who claims it. Triggers say which products have changed
 * since; a template whose rules change is worked in by itself.
 *
 * @phpstan-import-type Row from VerdictTally
 */
final readonly class KeepingVerdicts
{
    /** Pages of the shop that are kept anew at once, and written at once. */
    private const PART = 100_000;

    private const WRITTEN_AT_ONCE = 5_000;

    /** Of one that has ended on the way, in seconds. */
    private const PATIENCE = 300;

    public function __construct(
        private KindRulesReader $reader,
        private ClaimedPages $pages,
    ) {
    }

    /** Keeps what has changed since; without anything kept, all. */
    public function bringUp(): void
    {
        $state = self::state();
        $state === null || $this->reader->now() < $state->at ? $this->rebuild() : $this->catchUp();
    }

    /** Asks every page anew; where somebody else is at it, they finish. */
    public function rebuild(): void
    {
        $lock = Cache::lock('all verdicts are kept anew', self::PATIENCE);
        $lock->get() && self::until($lock, $this->rebuildAlone(...));
    }

    /** @param  Closure(): void  $work */
    private static function until(Lock $lock, Closure $work): void
    {
        try {
            $work();
        } finally {
            $lock->release();
        }
    }

    /**
     * Nobody has to wait who wants to write: until the last step nothing counts as kept, so that one that ends on the
     * way has done no harm.
     */
    private function rebuildAlone(): void
    {
        $word = LiveRules::word();
        $contest = $this->reader->live(PageKind::Product);
        DB::transaction(KeptRows::throwAway(...));
        $tally = new VerdictTally;
        for ($after = 0; ($pages = KeptRows::shown($after, self::PART)) !== []; $after = max($pages)) {
            $among = new Sql("p.id > $after and p.id <= ".max($pages));
            $claims = array_fill_keys($pages, ',');
            foreach (self::claimants($contest) as $claimant) {
                foreach (array_intersect_key(self::claims($contest, $claimant, $among), $claims) as $page => $claim) {
                    $claims[$page] .= "$claimant:$claim,";
                }
            }
            $rows = array_map(static fn (string $written): array => [0, $written], $claims);
            foreach (array_chunk(ClaimedPages::decided($contest, $rows), self::WRITTEN_AT_ONCE, true) as $some) {
                DB::transaction(fn () => $this->write([], $some, $tally));
            }
        }
        DB::transaction(static fn () => self::keepNumbers(KeptState::of($contest, $word), $tally));
    }

    /** @return int how many pages are kept with another template than asking all of them anew gives */
    public function wrong(): int
    {
        $this->bringUp();

        // Without a state somebody else is keeping all anew, and nothing counts as kept yet.
        return self::state() === null
            ? 0
            : KeptRows::wrong(WinnersSql::of($this->reader->live(PageKind::Product)));
    }

    /** What changed rules claim is asked before anybody has to wait for it. */
    public function catchUp(): void
    {
        do {
            $word = LiveRules::word();
            $contest = $this->reader->live(PageKind::Product);
            $seen = self::state();
            $now = KeptState::of($contest, $word);
            $claims = [];
            foreach ($seen?->with(self::rules())->changed($now) ?? [] as $claimant) {
                $claims[$claimant] = self::claims($contest, $claimant);
            }
            $done = DB::transaction(function () use ($contest, $seen, $now, $claims): bool {
                $state = self::state();
                if ($state === null || $seen === null) {
                    return true;
                }
                $isAsSeen = $state == $seen && LiveRules::word() === $now->word;
                $isAsSeen && $this->keep($contest, $state, $now, $claims);

                return $isAsSeen;
            });
        } while (! $done);
    }

    /** @return list<int> templates and collections by rule, as in `Claims` */
    private static function claimants(KindRules $contest): array
    {
        return [
            ...array_map(static fn (Candidate $one): int => $one->templateId, $contest->candidates),
            ...array_map(Claims::collection(...), array_keys($contest->collections->reaches)),
        ];
    }

    /** @return array<int, int> page => claim; none of one that is gone */
    private static function claims(KindRules $contest, int $claimant, ?Sql $among = null): array
    {
        $candidate = $contest->candidate($claimant);
        $collection = Claims::collection($claimant);

        return match (true) {
            $candidate !== null => ClaimRows::of($contest, $candidate, $among),
            isset($contest->collections->reaches[$collection]) =>
                ClaimRows::ofCollection($contest, $collection, $among),
            default => [],
        };
    }

    public static function state(): ?KeptState
    {
        $row = KeptRows::state();

        return $row === null ? null : KeptState::stored($row);
    }

    /** @return list<int> pages that are no longer as they are kept, or may not be by the clock */
    public static function stale(KeptState $state, int $now): array
    {
        return KeptRows::turned($state->at, $now, $state->prices, $state->days);
    }

    /** @return array<int, string> by template */
    private static function rules(): array
    {
        return array_map(strval(...), array_column(KeptRows::templates(), 'rule', 'template_id'));
    }

    /** @return array<int, array{int, int, int}> covers, shown on, won: as they are kept, by template */
    public static function kept(): array
    {
        $kept = [];
        foreach (KeptRows::templates() as $row) {
            $kept[(int) $row->template_id] = [(int) $row->covers, (int) $row->shown_on, (int) $row->won];
        }

        return $kept;
    }

    /** @param  array<int, array<int, int>>  $claims  of templates whose rules have changed, by page */
    private function keep(KindRules $contest, KeptState $state, KeptState $now, array $claims): void
    {
        $tally = new VerdictTally(self::kept());
        foreach ($claims as $template => $its) {
            $pinned = array_keys(ClaimedPages::pins(), $template, true);
            $rows = ClaimedPages::around($template, array_keys($its), $pinned);
            $this->write($rows, ClaimedPages::decided($contest, $rows, $template, $its), $tally);
        }
        $state->ordersAs($now) || $this->decideAnew($contest, $tally);
        $stale = self::stale($state, $now->at);
        foreach (array_chunk($stale, ClaimedPages::AT_ONCE) as $some) {
            $this->write(
                KeptRows::of($some),
                $this->pages->asked($contest, $some) + array_fill_keys($some, null),
                $tally,
            );
        }
        KeptRows::fresh($stale);
        self::keepNumbers($now, $tally);
    }

    private static function keepNumbers(KeptState $now, VerdictTally $tally): void
    {
        $templates = [];
        foreach ($now->rules as $id => $rule) {
            $templates[$id] = [$rule, ...$tally->numbers[$id] ?? [0, 0, 0]];
        }
        KeptRows::keepTemplates($templates);
        KeptRows::keepState($now->columns());
    }

    /** The order of templates is another one: what each page has is decided by the claims that are kept. */
    private function decideAnew(KindRules $contest, VerdictTally $tally): void
    {
        $after = 0;
        while (($rows = KeptRows::next($after, ClaimedPages::AT_ONCE)) !== []) {
            $this->write($rows, ClaimedPages::decided($contest, $rows), $tally);
            $after = max(array_keys($rows));
        }
    }

    /**
     * @param  array<int, Row>  $before
     * @param  array<int, Row|null>  $after  by page
     */
    private function write(array $before, array $after, VerdictTally $tally): void
    {
        $changed = array_filter(
            $after,
            static fn (?array $row, int $page): bool => ($before[$page] ?? null) !== $row,
            ARRAY_FILTER_USE_BOTH,
        );
        foreach ($changed as $page => $row) {
            $tally->change($before[$page] ?? null, $row);
        }
        KeptRows::keep($changed);
    }
}
