<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases;

use DateTimeImmutable;
use LogicException;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\FindsPages;
use Vestibra\App\Reach\Rules\KindRules;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\Sql\WinnersSql;
use Vestibra\App\Reach\Rules\SupposedVerdicts;
use Vestibra\App\Reach\Rules\TemplateNames;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Work\Releases\Making\AskedByChanges;
use Vestibra\App\Work\Releases\Making\Deeds;
use Vestibra\App\Work\Releases\Sql\ImpactRows;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Season;
use Vestibra\Core\Reach\WhatIf;
use Vestibra\Core\Releases\Changes;
use Vestibra\Core\Releases\PageOutcome;
use Vestibra\Core\Releases\PinsChange;
use Vestibra\Core\Releases\TemplateChange;

/**
 * What changes would do to the shop at an instant: which pages move from which template to which, and which keep
 * their template but look different. Pages of each kind that the changes touch are counted by themselves.
 *
 * @phpstan-import-type PageRow from FindsPages
 *
 * @phpstan-type Move array{pageKind: string, from: int, fromName: string, to: int, toName: string, count: int,
 *     pages: list<PageRow>}
 * @phpstan-type Turn array{template: int, name: string, pageKind: string, at: string, begins: bool, moves: list<Move>,
 *     moved: int}
 * @phpstan-type OfKind array{pageKind: string, moved: int, look: int, stays: int}
 * @phpstan-type Summary array{moves: list<Move>, newLook: list<Move>, moved: int, look: int, stays: int,
 *     kinds: list<OfKind>, at: string, turns: list<Turn>}
 *
 * @shape Move
 * @shape Turn
 * @shape Impact array{moves: list<Move>, newLook: list<Move>, moved: int, look: int, stays: int, kinds: list<OfKind>,
 *     at: string, turns?: list<Turn>}
 */
final readonly class Impact
{
    public function __construct(
        private KindRulesReader $contests,
        private ShopClock $clock,
        private AskedByChanges $shop,
        private SupposedVerdicts $verdicts,
    ) {
    }

    /** @return Summary */
    public function of(Changes $changes, ?DateTimeImmutable $at = null): array
    {
        $at ??= $this->clock->now();
        $moves = $look = $kinds = [];
        foreach (Deeds::kinds($changes, $this->shop) as $kind) {
            $both = $this->both($kind, $changes, $at);
            $looks = Deeds::looks($changes, $this->shop);
            $groups = $this->groups($both, $both->pages === null
                ? ImpactRows::groups($both, 'before_id <> after_id or '.ImpactRows::looks($looks))
                : KnownGroups::of($both->pages, $kind, $looks));
            $ofKind = ['pageKind' => $kind->value, 'moved' => 0, 'look' => 0];
            foreach ($groups as $group) {
                $isLook = PageOutcome::of($group['from'], $group['to'], true) === PageOutcome::NewLook;
                $isLook ? $look[] = $group : $moves[] = $group;
                $ofKind[$isLook ? 'look' : 'moved'] += $group['count'];
            }
            $shown = (int) ImpactRows::shown($both);
            $kinds[] = $ofKind + ['stays' => $shown - $ofKind['moved'] - $ofKind['look']];
        }

        return [
            'moves' => $moves,
            'newLook' => $look,
            'moved' => array_sum(array_column($kinds, 'moved')),
            'look' => array_sum(array_column($kinds, 'look')),
            'stays' => array_sum(array_column($kinds, 'stays')),
            'kinds' => $kinds,
            'at' => $at->format('Y-m-d\TH:i:s\Z'),
            'turns' => $this->turns($changes, $at),
        ];
    }

    /**
     * What happens later by the clock alone: which pages move when the season of a changed template begins, and when it
     * ends.
     *
     * @return list<Turn> in the order of time
     */
    private function turns(Changes $changes, DateTimeImmutable $after): array
    {
        $turns = [];
        foreach ($this->templates($changes) as $change) {
            $kind = PageKind::from($change->pageKind);
            $season = $change->after === null
                ? Season::always()
                : $this->contests->stored($change->after['reach'], $kind)->season;
            foreach (['from' => $season->from, 'until' => $season->until] as $end => $instant) {
                if ($instant === null || $instant <= $after->getTimestamp()) {
                    continue;
                }
                $contest = $this->contests->all($kind, $changes->supposed($this->shop));
                $candidate = $contest->candidate($change->template)
                    ?? throw new LogicException('A template that goes live is no candidate.');
                [$before, $then] = [$contest->at($instant - 1), $contest->at($instant)];
                $both = BeforeAndAfter::asked(
                    $before,
                    WinnersSql::both($before, $then, null, $then->sql()->covers($candidate->reach->atAnyTime()), []),
                );
                $which = $end === 'from' ? 'after_id' : 'before_id';
                $moves = $this->groups(
                    $both,
                    ImpactRows::groups($both, "before_id <> after_id and $which = $change->template"),
                );
                $turns[] = [
                    'template' => $change->template,
                    'name' => $change->called,
                    'pageKind' => $change->pageKind,
                    'at' => gmdate('Y-m-d\TH:i:s\Z', $instant),
                    'begins' => $end === 'from',
                    'moves' => array_values($moves),
                    'moved' => array_sum(array_column($moves, 'count')),
                ];
            }
        }
        usort($turns, static fn (array $one, array $other): int => $one['at'] <=> $other['at']);

        return $turns;
    }

    /**
     * @param  list<object{before_id: int, after_id: int, page_id: int, count: int}&\stdClass>  $rows  the first
     *     pages of each group, the largest first
     * @return array<string, Move>
     */
    private function groups(BeforeAndAfter $both, array $rows): array
    {
        $pages = array_column(
            $both->now->pages->rows(array_values(array_unique(array_column($rows, 'page_id')))),
            null,
            'id',
        );
        $names = TemplateNames::all();
        $groups = [];
        foreach ($rows as $row) {
            $groups["$row->before_id-$row->after_id"] ??= [
                'pageKind' => $both->now->pages->kind()->value,
                'from' => $row->before_id,
                'fromName' => $names[$row->before_id],
                'to' => $row->after_id,
                'toName' => $names[$row->after_id],
                'count' => $row->count,
                'pages' => [],
            ];
            $groups["$row->before_id-$row->after_id"]['pages'][] = $pages[$row->page_id];
        }

        return $groups;
    }

    /**
     * One group of the impact at an instant, a page at a time, by words of the title.
     *
     * @return array{count: int, pages: list<PageRow>}
     */
    public function group(
        Changes $changes,
        int $from,
        int $to,
        string $query,
        int $page,
        ?DateTimeImmutable $at = null,
    ): array {
        $kind = PageKind::tryFrom((string) Template::query()->toBase()->where('id', $from)->value('page_kind'));
        if ($kind === null || ! in_array($kind, Deeds::kinds($changes, $this->shop), true)) {
            return ['count' => 0, 'pages' => []];
        }
        $both = $this->both($kind, $changes, $at ?? $this->clock->now());
        $pages = $both->now->pages;
        $words = Folding::words($query);
        $where = "from ({$both->sql()->text}) b join {$pages->table()} p on p.id = b.page_id where b.before_id = ? and "
            .'b.after_id = ?'
            .str_repeat(" and instr({$pages->title()}, ?) > 0", count($words));
        $bindings = [...$both->sql()->bindings, $from, $to, ...$words];
        $ids = ImpactRows::page($where, $pages, $bindings, $page);

        return [
            'count' => (int) ImpactRows::count($where, $bindings),
            'pages' => $pages->rows(array_column($ids, 'page_id')),
        ];
    }

    /**
     * @param  non-empty-list<int>  $pages
     * @return array<int, int> page => the template it would have with the changes
     */
    public function winners(PageKind $kind, Changes $changes, array $pages): array
    {
        $supposed = $changes->supposed($this->shop);
        $among = new Sql('p.id in ('.implode(',', $pages).')');
        $sql = WinnersSql::of($this->contests->all($kind, $supposed), $among, $supposed->pins);

        return array_map(intval(...), array_column(ImpactRows::winners($sql), 'template_id', 'page_id'));
    }

    /** Which template each page that may be affected has now, and would have. */
    private function both(PageKind $kind, Changes $changes, DateTimeImmutable $at): BeforeAndAfter
    {
        $supposed = $changes->supposed($this->shop);
        $now = $this->contests->all($kind, at: $at);
        $then = $this->contests->all($kind, $supposed, $at);
        $kept = $this->kept($changes, $supposed, $now, $then);
        if ($kept !== null) {
            return BeforeAndAfter::known($now, $kept);
        }
        $among = $this->affected($kind, $changes, $supposed, $now, $then);
        $changed = isset($supposed->handOrders[$kind->value])
            ? null
            : array_map(static fn (TemplateChange $change): int => $change->template, $this->templates($changes));

        return BeforeAndAfter::asked($now, WinnersSql::both($now, $then, $changed, $among, $supposed->pins));
    }

    /** @return array<int, array{int, int}>|null page => before and after, by the verdicts that are kept */
    private function kept(Changes $changes, WhatIf $supposed, KindRules $now, KindRules $then): ?array
    {
        $kind = $now->pages->kind();
        if (isset($supposed->handOrders[$kind->value]) || $then->fallbackId !== $now->fallbackId) {
            return null;
        }
        $changed = array_map(static fn (TemplateChange $change): int => $change->template, $this->templates($changes));
        $looks = Deeds::looks($changes, $this->shop);
        $pins = [];
        foreach ($supposed->pins as $page => $template) {
            [$of, $id] = PinsChange::page($page);
            $of === $kind->value && $pins[$id] = $template;
        }

        return $this->verdicts->beforeAndAfter(
            $then,
            $changed,
            array_values(array_diff($looks->templates, $changed)),
            array_keys($looks->products),
            $pins,
        );
    }

    /** Only pages that a changed template covers, now or then, or that are pinned, can change; null: any page. */
    private function affected(PageKind $kind, Changes $changes, WhatIf $supposed, KindRules $now, KindRules $then): ?Sql
    {
        if (isset($supposed->handOrders[$kind->value]) || $then->fallbackId !== $now->fallbackId) {
            return null;
        }
        $looks = Deeds::looks($changes, $this->shop);
        $pinned = WhatIf::pinned($supposed->pins, $kind);
        $parts = $pinned === [] ? [] : [new Sql('p.id in ('.implode(',', $pinned).')')];
        $changed = array_map(static fn (TemplateChange $change): int => $change->template, $this->templates($changes));
        foreach (array_unique([...$changed, ...$looks->templates]) as $template) {
            if ($template === $now->fallbackId) {
                return null;
            }
            foreach ([$now, $then] as $contest) {
                $candidate = $contest->candidate($template);
                if ($candidate !== null && $candidate->live) {
                    $parts[] = $contest->sql()->covers($candidate->reach);
                }
            }
            $parts[] = $now->pages
                ->pins($now->at)
                ->wrap('p.id in (select subject_id from (', ") where template_id = $template)");
        }
        if ($looks->products !== [] && $kind === PageKind::Product) {
            $parts[] = new Sql('p.id in ('.implode(',', array_keys($looks->products)).')');
        }

        return $parts === [] ? null : Sql::join(' or ', $parts)->wrap('(', ')');
    }

    /** @return list<TemplateChange> of kinds of pages that the shop has */
    private function templates(Changes $changes): array
    {
        return array_values(array_filter(
            $changes->templates(),
            static fn (TemplateChange $change): bool => PageAddresses::knows($change->pageKind),
        ));
    }
}
