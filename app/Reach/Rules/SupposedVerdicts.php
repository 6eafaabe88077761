<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Rules\Sql\ClaimRows;
use Vestibra\App\Reach\Rules\Sql\KeptRows;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\Claims;
use Vestibra\Core\Reach\CompiledReach;

/**
 * Which template pages of products would have if something were another way, from what is kept of how things are.
 *
 * @phpstan-import-type Row from VerdictTally
 */
final class SupposedVerdicts
{
    /** So many are decided at once while one is looked for that a template would have. */
    private const LOOKED_AT_ONCE = 2_000;

    /** @var array{list<mixed>, array<int, int>}|null what was asked of the database last, and its answer */
    private ?array $asked = null;

    /** Of more pages than these the database is asked: so many take 95 of a request's usual 128 MB. */
    private const MOST_IN_MEMORY = 75_000;

    public function __construct(
        private readonly KindRulesReader $reader,
        private readonly ClaimedPages $pages,
        private readonly StaleVerdicts $stale,
    ) {
    }

    /** Whether what is kept tells which pages a template claims: it has the rules that it has live, now. */
    public function areKept(KindRules $contest, Candidate $candidate): bool
    {
        return $contest->pages->kind() === PageKind::Product
            && $contest->at === $this->reader->now()
            && $this->isAsLive($contest, $candidate->templateId)
            && $this->stale->now() !== null;
    }

    /** @return array<int, int>|null the pages of products that a template claims, each with how strongly */
    public function claims(KindRules $contest, Candidate $candidate): ?array
    {
        if ($contest->pages->kind() !== PageKind::Product) {
            return null;
        }
        $stale = $contest->at === $this->reader->now() && $this->isAsLive($contest, $candidate->templateId)
            ? $this->stale->now()
            : null;

        return $stale === null
            ? $this->claimsOf($contest, $candidate)
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
        $stale = $this->stale->by($then->at);
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
     * Whether some page is found that would have a template, as things would be now.
     *
     * @return bool false: that has to be counted
     */
    public function isFound(KindRules $then, Candidate $candidate): bool
    {
        $isAsked = $then->pages->kind() === PageKind::Product && $then->at === $this->reader->now();
        $stale = $isAsked ? $this->stale->now() : null;
        if ($stale === null) {
            return false;
        }
        $claims = $this->claimsOf($then, $candidate);
        $pages = array_keys(array_diff_key($claims, array_flip($stale)));
        foreach (array_chunk($pages, self::LOOKED_AT_ONCE) as $some) {
            $rows = ClaimedPages::decided($then, KeptRows::of($some), $candidate->templateId, $claims);
            if (in_array($candidate->templateId, array_column($rows, 0), true)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<int>|null the pages that rules without a season cover; null: that was not asked just now */
    public function known(CompiledReach $reach): ?array
    {
        return $this->asked !== null
            && $reach->season->isAlways()
            && [$this->reader->now(), Database::writes(), $reach] == array_slice($this->asked[0], 0, 3)
            ? array_keys($this->asked[1])
            : null;
    }

    /**
     * Within a request several ask for the same.
     *
     * @return array<int, int> page => claim
     */
    private function claimsOf(KindRules $contest, Candidate $candidate): array
    {
        $of = [$contest->at, Database::writes(), $candidate->reach, $contest->collections];
        if ($this->asked === null || $this->asked[0] != $of) {
            $this->asked = [$of, ClaimRows::of($contest, $candidate)];
        }

        return $this->asked[1];
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
        $stale = $isAsked ? $this->stale->now() : null;
        if ($stale === null) {
            return null;
        }
        $claims = $rows = [];
        $pinned = ClaimedPages::pins();
        foreach ($changed as $template) {
            $candidate = $then->candidate($template);
            $claims[$template] = $candidate?->live === true ? $this->claimsOf($then, $candidate) : [];
            $its = array_keys($pinned, $template, true);
            $rows += ClaimedPages::deciding($template, array_keys($claims[$template]), $its);
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
        // What nobody else would claim stays as it is.
        foreach ($others as $template) {
            $its = array_flip(KeptRows::pages($template));
            $both += array_fill_keys(
                array_keys(array_diff_key($its, $both, array_flip($stale))),
                [$template, $template],
            );
        }

        return $both;
    }

    /**
     * @param  array<int, int>|null  $claims  those of the template, where they are known
     * @return array<int, Row>|null pages that a template would cover or have; null: they are too many
     */
    private function rowsAround(KindRules $then, Candidate $candidate, ?array $claims): ?array
    {
        $id = $candidate->templateId;
        $claims ??= $this->claimsOf($then, $candidate);
        $rows = ClaimedPages::deciding($id, array_keys($claims), array_keys(ClaimedPages::pins(), $id, true));
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
}
