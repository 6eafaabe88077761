<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Ground\Sql\Sql;
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
 */
final readonly class KeptVerdicts
{
    public function __construct(
        private KindRulesReader $reader,
        private ClaimedPages $pages,
        private StaleVerdicts $stale,
    ) {
    }

    /** @return array<int, array{int, int, int}>|null covers, shown on, won: by live template; null: not to be had */
    public function numbers(): ?array
    {
        $stale = $this->stale->now();

        return $stale === null ? null : Database::atOnce(fn (): array => $this->counted($stale));
    }

    /**
     * For customers too: what is not to be had in a moment is asked for in the background.
     *
     * @return array<int, int>|null how many products customers see in each collection by rule; null: not to be had
     */
    public function inCollections(): ?array
    {
        $stale = $this->stale->forCustomers();
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
        $stale = $same === null ? null : $this->stale->now();

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
        $stale = $this->stale->forCustomers();

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

    /**
     * Page_id and template_id of every page that customers can see, as `WinnersSql` gives them: from what is kept,
     * where it is kept.
     *
     * @param  KindRules  $contest  of what is live
     */
    public function winners(KindRules $contest): Sql
    {
        $isAsked = $contest->pages->kind() === PageKind::Product && $contest->at === $this->reader->now();
        $stale = $isAsked ? $this->stale->now() : null;
        if ($stale === null) {
            return WinnersSql::of($contest);
        }

        return KeptRows::winners($stale, array_map(
            static fn (array $row): int => $row[0],
            $stale === [] ? [] : $this->pages->asked($contest, $stale),
        ));
    }
}
