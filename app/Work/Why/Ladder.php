<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Why;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Kinds\FindsPages;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Reach\Rules\TemplateNames;
use Vestibra\App\Reach\Rules\Verdicts;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Words\ActualWords;
use Vestibra\App\Words\ReachWords;
use Vestibra\App\Words\VerdictWords;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Closeness;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Evaluator;
use Vestibra\Core\Reach\Loser;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\Reason;
use Vestibra\Core\Reach\Verdict;
use Vestibra\Core\Reach\WhatIf;

/**
 * A verdict drawn as a ladder: the winner, then every other template from closest to furthest, with its reason in words
 * and the one click that would change it.
 *
 * @phpstan-type Rung array{template: int, name: string, live: bool, wins: bool, reason: string, words: string,
 *     detail: list<string>, closeness: list<int>|null, closenessWords: string, goesFirst: bool, season: string,
 *     clause: list<array{words: string, failed: bool}>, change: array{do: 'publish'|'reach'|'unpin'|'pin'|'earlier',
 *     words: string}|null}
 *
 * @shape Rung
 * @shape Ladder array{pageKind: string, page: PageRow&array{shown: bool}, at: string, until: string|null, step: string,
 *     pinSkipped: bool, pinned: int|null, unpublished: list<array{template: int, name: string, words: string}>,
 *     rungs: list<Rung>}
 */
final readonly class Ladder
{
    public function __construct(
        private Verdicts $verdicts,
        private KindRulesReader $contests,
        private PagesOfTheShop $pages,
        private ReachCounts $counts,
        private ReachWords $reachWords,
        private ActualWords $actualWords,
        private VerdictWords $words,
        private ShopClock $clock,
    ) {
    }

    /**
     * @return array{pageKind: string, page: array<string, mixed>, at: string, until: string|null, step: string,
     *     pinSkipped: bool, pinned: int|null, unpublished: list<array{template: int, name: string, words: string}>,
     *     rungs: list<Rung>}
     */
    public function of(PageKind $kind, Subject $subject): array
    {
        $verdict = $this->verdicts->explained($kind, $subject);
        $reaches = $this->reaches($kind) + [Evaluator::NONE => [
            'id' => Evaluator::NONE,
            'name' => TemplateNames::of(Evaluator::NONE),
            'live' => true,
            'reach' => new Reach,
        ]];
        $names = $this->counts->names(...array_column($reaches, 'reach'));
        $losers = $verdict->losers;
        usort(
            $losers,
            static fn (Loser $one, Loser $other): int => self::rank($other, $verdict) <=> self::rank($one, $verdict),
        );
        $rungs = [$this->rung($reaches[$verdict->templateId], $kind, $subject, $verdict, null, $names)];
        foreach ($losers as $loser) {
            $rungs[] = $this->rung($reaches[$loser->templateId], $kind, $subject, $verdict, $loser, $names);
        }
        $pages = $this->pages->get($kind);

        return [
            'pageKind' => $kind->value,
            'page' => self::row($pages, $kind, $subject) + ['shown' => $subject->isShown()],
            'at' => $this->reachWords->moment($this->clock->now()->getTimestamp()),
            'until' => $verdict->until === null ? null : $this->reachWords->moment($verdict->until),
            'step' => $verdict->step->value,
            'pinSkipped' => $verdict->pinSkipped,
            'pinned' => $this->verdicts->pin($pages, $subject),
            'unpublished' => $this->unpublished($kind, $subject, $verdict),
            'rungs' => $rungs,
        ];
    }

    /**
     * @return array<string, mixed> a page that is kept nowhere, as a search for words that nobody has looked for, is
     *     read from itself
     */
    private static function row(FindsPages $pages, PageKind $kind, Subject $subject): array
    {
        return $pages->rows([$subject->id()])[0] ?? [
            'id' => $subject->id(),
            'title' => $subject->title(),
            'slug' => $subject->slug(),
            'picture' => null,
            'address' => PageAddresses::address($kind, $subject->slug()),
        ];
    }

    /**
     * Rules that are not published and speak of this page: the first thing to know when a page does not look as
     * expected. Those that would change what it gets come first.
     *
     * @return list<array{template: int, name: string, words: string}>
     */
    private function unpublished(PageKind $kind, Subject $subject, Verdict $now): array
    {
        $first = $then = [];
        foreach (Template::query()->toBase()->where('page_kind', $kind->value)->whereNull('let_go_at')->where(
            static fn ($query) => $query->whereNull('live_reach')->orWhereColumn('live_reach', '<>', 'draft_reach'),
        )->orderBy('hand_order')->get(['id', 'name', 'live_revision', 'draft_reach', 'live_reach']) as $row) {
            $draft = $this->contests->stored(json_decode($row->draft_reach, true), $kind);
            $live = $row->live_reach === null
                ? null
                : $this->contests->stored(json_decode($row->live_reach, true), $kind);
            if ($live !== null && $live->toArray() == $draft->toArray()) {
                continue;
            }
            $supposed = (new WhatIf)->withReach($row->id, $draft);
            $with = $this->verdicts->explained($kind, $subject, $supposed);
            $matches = $this->verdicts->matches($kind, $subject, $row->id, $supposed);
            $what = $live === null ? 'It is not published' : 'Its rule was changed, and the change is not published';
            $words = match (true) {
                $with->templateId === $row->id && $now->templateId !== $row->id =>
                    "$what. Published, it would be shown here.",
                $with->templateId !== $now->templateId => "$what. Published, this {$subject->kind()->one()} would get “"
                    .TemplateNames::of($with->templateId)
                    .'” instead.',
                $live === null && ! $matches => null,
                $matches && $with->templateId !== $row->id => "$what. It would match here, but not win.",
                default => "$what. It would change nothing here.",
            };
            if ($words !== null) {
                $with->templateId !== $now->templateId
                    ? $first[] = ['template' => $row->id, 'name' => $row->name, 'words' => $words]
                    : $then[] = ['template' => $row->id, 'name' => $row->name, 'words' => $words];
            }
        }

        return [...$first, ...$then];
    }

    /** @return array<int, array{id: int, name: string, live: bool, reach: Reach}> */
    private function reaches(PageKind $kind): array
    {
        $reaches = [];
        foreach (Template::query()->toBase()->where('page_kind', $kind->value)->whereNull('let_go_at')->get(
            ['id', 'name', 'live_revision', 'live_reach', 'draft_reach'],
        ) as $row) {
            $reaches[$row->id] = [
                'id' => $row->id,
                'name' => $row->name,
                'live' => $row->live_revision !== null,
                'reach' => $this->contests->stored(json_decode($row->live_reach ?? $row->draft_reach, true), $kind),
            ];
        }

        return $reaches;
    }

    /**
     * @param  array{id: int, name: string, live: bool, reach: Reach}  $template
     * @param  array<string, array<int, string>>  $names
     * @return Rung
     */
    private function rung(
        array $template,
        PageKind $kind,
        Subject $subject,
        Verdict $verdict,
        ?Loser $loser,
        array $names,
    ): array {
        $reach = $template['reach'];
        $number = $loser === null ? $verdict->clause : $loser->clause;
        $clauses = $loser?->reason === Reason::KeptOff ? $reach->keepOff : $reach->show;
        $clause = $number === null ? null : $clauses[$number] ?? null;
        $closeness = $loser === null ? $verdict->closeness : $loser->closeness;
        $failed = $loser->failed ?? [];

        return [
            'template' => $template['id'],
            'name' => $template['name'],
            'live' => $template['live'],
            'wins' => $loser === null,
            'reason' => $loser?->reason->value ?? 'wins',
            'words' => $loser === null
                ? $this->words->winner($verdict, $subject->kind())
                : $this->words->loser($loser, $verdict, $subject->kind()),
            'detail' => array_values(array_unique(
                array_map(fn (Condition $condition): string => $this->actualWords->of($subject, $condition), $failed),
            )),
            'closeness' => $closeness?->toArray(),
            'closenessWords' => $this->words->closeness($closeness),
            'goesFirst' => $reach->goesFirst,
            'season' => $this->reachWords->season($reach->season),
            'clause' => $clause === null ? [] : $this->phrases($clause, $failed, $names, $kind),
            'change' => $loser === null ? null : self::change($loser, $template['live'], $subject->kind()),
        ];
    }

    /**
     * @param  list<Condition>  $failed
     * @param  array<string, array<int, string>>  $names
     * @return list<array{words: string, failed: bool}>
     */
    private function phrases(Clause $clause, array $failed, array $names, PageKind $kind): array
    {
        return $clause->conditions === [] ? [['words' => ReachWords::every($kind), 'failed' => false]] : array_map(
            fn (Condition $condition): array => [
                'words' => trim(implode(' ', $this->reachWords->phrase($condition, $names, $kind))),
                'failed' => array_filter($failed, $condition->equals(...)) !== [],
            ],
            $clause->conditions,
        );
    }

    /**
     * @return array{do: 'publish'|'reach'|'unpin'|'pin'|'earlier', words: string}|null the one click that would change
     *     it
     */
    private static function change(Loser $loser, bool $live, SubjectKind $subject): ?array
    {
        $pin = $subject === SubjectKind::AnyPage
            ? null
            : ['do' => 'pin', 'words' => "Pin this {$subject->one()} to it…"];

        return match ($loser->reason) {
            Reason::NotLive => ['do' => 'publish', 'words' => 'Publish it…'],
            Reason::OutOfSeason => ['do' => 'reach', 'words' => 'Change its season'],
            Reason::NoClauseMatched => ['do' => 'reach', 'words' => 'Change where it appears'],
            Reason::KeptOff => ['do' => 'reach', 'words' => 'Change what it keeps off'],
            Reason::PinDecides => $pin === null ? null : ['do' => 'unpin', 'words' => 'Take the pin out…'],
            Reason::AnotherGoesFirst => ['do' => 'reach', 'words' => 'Let it go first too'],
            Reason::LessClose => $pin,
            Reason::LaterInHandOrder => ['do' => 'earlier', 'words' => 'Put it before the winner…'],
            Reason::NotNeeded => $live ? $pin : null,
        };
    }

    /** @return list<int> live and matching ones first, the closest first */
    private static function rank(Loser $loser, Verdict $verdict): array
    {
        return [
            (int) ! in_array($loser->reason, [Reason::NotLive, Reason::NotNeeded, Reason::NoClauseMatched], true),
            (int) $loser->wouldWin,
            (int) ($loser->reason !== Reason::NotNeeded),
            ...($loser->closeness ?? new Closeness(-1))->toArray(),
        ];
    }
}
