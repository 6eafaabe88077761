<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use DateTimeImmutable;
use stdClass;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Rules\Sql\ReachRows;
use Vestibra\App\Reach\Rules\Sql\WinnersSql;
use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\WhatIf;

/**
 * The two numbers of a template, which are never mixed up: how many pages its reach covers, and on how many it is
 * shown, by whatever step it wins them. Both are counted now; for a season that lies ahead, at its start. This is their
 * one definition, for every screen and command.
 *
 * @phpstan-type Counts array{covers: int, shownOn: int, elsewhere: int, shownNow: int, when: 'now'|'ahead'|'over',
 *     from: string|null, until: string|null}
 *     when: `now`, `ahead` or `over`; elsewhere: pages it covers that another template wins; from and until: the
 *     season, RFC 3339
 * @phpstan-type Other array{template: int, name: string, count: int}
 * @phpstan-type Dead array{part: 'show'|'keepOff', clause: int, condition: int}
 * @phpstan-type Outcome array{covers: int, shownOn: int, elsewhere: int, shownNow: int, when: 'now'|'ahead'|'over',
 *     from: string|null, until: string|null, hidden: int, others: list<Other>, inSeason: bool, dead: list<Dead>}
 * @phpstan-type Preview array{covers: int, shownOn: int, elsewhere: int, shownNow: int, when: 'now'|'ahead'|'over',
 *     from: string|null, until: string|null, hidden: int, others: list<Other>, inSeason: bool,
 *     pages: list<array<string, mixed>>, dead: list<Dead>}
 *
 * @shape Names array<string, array<string, string>>
 * @shape Counts
 * @shape ReachCounts Counts&array{hidden: int, others: list<Other>, inSeason: bool, dead: list<Dead>}
 * @shape ReachPreview ReachCounts&array{pages: list<PageRow>, inTheWay: InTheWay|null, names: Names,
 *     sentence: Sentence, reach: Reach}
 */
final class ReachCounts
{
    /** So many templates are counted in one query. */
    private const AT_ONCE = 100;

    /** @var array<string, array<int, Counts>> by kind and what is live */
    private array $known = [];

    public function __construct(
        private readonly KindRulesReader $contests,
        private readonly KeptVerdicts $verdicts,
        private readonly SupposedVerdicts $supposed,
    ) {
    }

    /**
     * What a reach would come to if it were live, with some of its pages.
     *
     * @return Preview
     */
    public function preview(PageKind $kind, int $templateId, Reach $reach, int $page = 1): array
    {
        $now = $this->contests->all($kind, (new WhatIf)->withReach($templateId, $reach));
        $candidate = $now->candidate($templateId) ?? abort(404);
        $contest = self::counted($now, $candidate);
        // Of rules that are live the first page is walked: nobody has to read which pages they claim.
        $claims = $page === 1 && $this->supposed->areKept($contest, $candidate)
            ? null
            : $this->supposed->claims($contest, $candidate);

        return $this->outcome($now, $candidate, $claims) + [
            'pages' => $contest->pages->rows($claims === null
                ? self::ids($contest, $contest->sql()->covers($candidate->reach), $page)
                : ReachRows::among($contest, $claims, $page)),
        ];
    }

    /**
     * The same numbers without the pages.
     *
     * @return Outcome
     */
    public function numbers(PageKind $kind, int $templateId, Reach $reach): array
    {
        $now = $this->contests->all($kind, (new WhatIf)->withReach($templateId, $reach));

        return $this->outcome($now, $now->candidate($templateId) ?? abort(404), null);
    }

    /**
     * @param  array<int, int>|null  $claims  those of the template, where they are known
     * @return Outcome
     */
    private function outcome(KindRules $now, Candidate $candidate, ?array $claims): array
    {
        $contest = self::counted($now, $candidate);
        [$counts, $elsewhere] = $this->one($now, $candidate, claims: $claims);
        $names = TemplateNames::all();
        $others = [];
        foreach ($elsewhere as $id => $count) {
            $others[] = ['template' => $id, 'name' => $names[$id], 'count' => $count];
        }

        return $counts + [
            'hidden' => (int) ReachRows::hidden($contest, $contest->ofFew()->sql()->covers($candidate->reach)),
            'others' => $others,
            'inSeason' => $counts['when'] === 'now',
            'dead' => self::dead($candidate),
        ];
    }

    /**
     * On how many pages a template would be shown with some changes, now or at another instant; before its season, at
     * its start.
     */
    public function shownOn(PageKind $kind, int $templateId, WhatIf $supposed, ?DateTimeImmutable $at = null): int
    {
        $contest = $this->contests->all($kind, $supposed, $at);
        $candidate = $contest->candidate($templateId);

        return $candidate === null || ! $candidate->live
            ? 0
            : $this->one($contest, $candidate, $supposed->pins)[0]['shownOn'];
    }

    /** Whether a template would be shown on any page with some changes, now or at another instant. */
    public function isShown(PageKind $kind, int $templateId, WhatIf $supposed, ?DateTimeImmutable $at = null): bool
    {
        $contest = $this->contests->all($kind, $supposed, $at);
        $candidate = $contest->candidate($templateId);

        return $candidate?->live === true && $supposed->pins === [] && $this->supposed->isFound($contest, $candidate)
            || $this->shownOn($kind, $templateId, $supposed, $at) > 0;
    }

    /**
     * What is live, for all templates of a kind.
     *
     * @return array<int, Counts> by template
     */
    public function live(PageKind $kind): array
    {
        return $this->known["$kind->value ".LiveRules::word().' '.$this->contests->now()] ??= $this->count($kind);
    }

    /** @return array<int, Counts> by template */
    private function count(PageKind $kind): array
    {
        $contest = $this->contests->live($kind);
        $counts = $now = [];
        foreach ($contest->candidates as $candidate) {
            if (self::counted($contest, $candidate) === $contest) {
                $now[] = $candidate;
            } else {
                $counts[$candidate->templateId] = $this->one($contest, $candidate)[0];
            }
        }
        $kept = $kind === PageKind::Product ? $this->verdicts->numbers() : SameEverywhere::numbers($contest);
        foreach ($kept === null ? array_chunk($now, self::AT_ONCE) : [] as $some) {
            $counts += $this->several($contest, $some);
        }
        foreach ($kept === null ? [] : $now as $candidate) {
            [$covers, $shownOn, $won] = $kept[$candidate->templateId] ?? [0, 0, 0];
            $counts[$candidate->templateId] =
                self::counts($candidate, $contest, $covers, $shownOn, $covers - $won, $shownOn);
        }

        return $counts;
    }

    /** The instant that counts for a template: now, or the start of a season that lies ahead. */
    private static function counted(KindRules $contest, Candidate $candidate): KindRules
    {
        $from = $candidate->reach->season->from;

        return $from !== null && $from > $contest->at ? $contest->at($from) : $contest;
    }

    /**
     * Only pages that it covers or that are pinned to it can be won, or any page where it is the fallback.
     *
     * @param  array<string, int|null>  $pins  instead of those that are stored
     * @param  array<int, int>|null  $claims  those of the template, where they are known
     * @return array{Counts, array<int, int>} and by template, how many of those that it covers others win
     */
    private function one(KindRules $now, Candidate $candidate, array $pins = [], ?array $claims = null): array
    {
        $id = $candidate->templateId;
        $contest = self::counted($now, $candidate);
        $count = static function (KindRules $contest) use ($candidate, $id, $pins): array {
            $covers = $contest->sql()->covers($candidate->reach);
            $moved = WhatIf::pinned(
                array_filter($pins, static fn (?int $to): bool => $to === $id),
                $contest->pages->kind(),
            );
            $pinned = $contest->pages->pins($contest->at)->wrap(
                'p.id in (select subject_id from (',
                ") where template_id = $id)".($moved === [] ? '' : ' or p.id in ('.implode(',', $moved).')'),
            );
            $winners = WinnersSql::of(
                $contest,
                $contest->fallbackId === $id ? null : Sql::join(' or ', [$covers->wrap('(', ')'), $pinned]),
                $pins,
            );

            return ReachRows::split($contest, $covers, $winners);
        };
        $covers = $shownOn = 0;
        $elsewhere = [];
        $split = fn (KindRules $at, ?array $claims): array => ($pins === [] && $at->pages->kind() === PageKind::Product
            ? $this->supposed->split($at, $candidate, $claims)
            : null) ?? $count($at);
        foreach ($split($contest, $claims) as $row) {
            $covers += $row->covered ? $row->count : 0;
            if ($row->template_id === $id) {
                $shownOn += $row->count;
            } elseif ($row->covered) {
                $elsewhere[(int) $row->template_id] = (int) $row->count;
            }
        }
        $shownNow = $contest === $now ? $shownOn : array_sum(array_map(
            static fn (stdClass $row): int => $row->template_id === $id ? $row->count : 0,
            $split($now, null),
        ));

        return [self::counts($candidate, $now, $covers, $shownOn, array_sum($elsewhere), (int) $shownNow), $elsewhere];
    }

    /**
     * @param  list<Candidate>  $candidates  that are counted now
     * @return array<int, Counts> by template
     */
    private function several(KindRules $contest, array $candidates): array
    {
        $counts = [];
        $covers = [];
        foreach ($candidates as $candidate) {
            $covers[$candidate->templateId] = $contest->sql()->covers($candidate->reach);
        }
        $rows = array_column(ReachRows::several($contest, $covers), null, 'id');
        foreach ($candidates as $candidate) {
            $row = $rows[$candidate->templateId];
            $counts[$candidate->templateId] = self::counts(
                $candidate,
                $contest,
                $row->covers,
                $row->shown_on,
                $row->covers - $row->won,
                $row->shown_on,
            );
        }

        return $counts;
    }

    /** @return Counts */
    private static function counts(
        Candidate $candidate,
        KindRules $now,
        int $covers,
        int $shownOn,
        int $elsewhere,
        int $shownNow,
    ): array {
        $season = $candidate->reach->season;

        return [
            'covers' => $covers,
            'shownOn' => $shownOn,
            'elsewhere' => $elsewhere,
            'shownNow' => $shownNow,
            'when' => match (true) {
                $season->holds($now->at) => 'now',
                $season->from !== null && $season->from > $now->at => 'ahead',
                default => 'over',
            },
        ] + $season->toArray();
    }

    /** @return list<int> */
    private static function ids(KindRules $contest, Sql $covers, int $page): array
    {
        return array_column(ReachRows::page($contest, $covers, $page), 'id');
    }

    /** @return list<Dead> conditions that name nothing living */
    public static function dead(Candidate $candidate): array
    {
        $dead = [];
        $parts = ['show' => $candidate->reach->show, 'keepOff' => $candidate->reach->keepOff];
        foreach ($parts as $part => $clauses) {
            foreach ($clauses as $clause => $compiled) {
                foreach ($compiled->conditions as $condition => $ready) {
                    if ($ready->dead) {
                        $dead[] = ['part' => $part, 'clause' => $clause, 'condition' => $condition];
                    }
                }
            }
        }

        return $dead;
    }

    /** @return array<string, array<int, string>> things => id => name, for the sentence of a reach */
    public function names(Reach ...$reaches): array
    {
        $named = [];
        foreach ($reaches as $reach) {
            foreach ([...$reach->show, ...$reach->keepOff] as $clause) {
                foreach ($clause->conditions as $condition) {
                    foreach ($condition->of === null ? $condition->values : [$condition->of] as $id) {
                        $named[LivingNames::things($condition) ?? ''][] = $id;
                    }
                }
            }
        }
        $names = [];
        foreach (array_intersect_key(LivingNames::TABLES, $named) as $things => $table) {
            $column = ['product' => 'title', 'option-value' => 'label'][$things] ?? 'name';
            foreach (Rows::in($table)
                ->whereIntegerInRaw('id', $named[$things])
                ->get(['id', "$column as name"]) as $row) {
                $names[$things][$row->id] = $row->name;
            }
            foreach (isset(LivingNames::MERGED[$things]) ? self::merged(
                LivingNames::MERGED[$things],
                "$table.$column",
                array_diff($named[$things], array_keys($names[$things] ?? [])),
            ) : [] as $id => $name) {
                $names[$things][$id] = $name;
            }
        }

        return $names;
    }

    /**
     * @param  array{string, string}  $merged
     * @param  array<array-key, mixed>  $ids
     * @return array<int, string> what things are called now that were merged into others
     */
    private static function merged(array $merged, string $name, array $ids): array
    {
        $names = [];
        $table = strtok($name, '.');
        foreach ($ids === []
            ? []
            : Rows::in($merged[0])->join((string) $table, "$table.id", '=', $merged[1])
                ->whereIntegerInRaw('merged_id', $ids)
                ->get(['merged_id', "$name as name"]) as $row) {
            $names[(int) $row->merged_id] = (string) $row->name;
        }

        return $names;
    }
}
