<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Fitting;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use stdClass;
use Vestibra\App\PagesOut\CartWay;
use Vestibra\App\PagesOut\LiveParts;
use Vestibra\App\PagesOut\Looking;
use Vestibra\App\PagesOut\PageContexts;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\Sql\ReachRows;
use Vestibra\App\Reach\Rules\Sql\WinnersSql;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\FittingRun;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Fitting\Finding;
use Vestibra\Core\Fitting\Fitter;
use Vestibra\Core\Fitting\Matter;
use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Reach\WhatIf;

/**
 * Checks a draft against every page it would be shown on. A few are done at once, many by the worker; the
 * latest outcome is kept with the revision that it speaks of.
 *
 * @phpstan-type Group array{matter: string, block: string|null, about: string, count: int, first: list<int>}
 *
 * @shape FittingGroup array{matter: string, block: string|null, about: string, count: int, pages: list<PageRow>}
 * @shape FittingReport array{state: 'none'|'running'|'done'|'failed', total: int, done: int,
 *     groups: list<FittingGroup>}
 */
final readonly class Fittings
{
    public const AT_ONCE = 60;

    private const CHUNK = 50;

    private const MOST_EXAMPLES = 12;

    public function __construct(
        private StoredDrafts $stored,
        private KindRulesReader $contests,
        private Composer $composer,
        private PagesOfTheShop $pages,
        private LiveParts $filler,
        private PageContexts $contexts,
        private CartWay $cart,
    ) {
    }

    /** Begins a fitting of the draft as it is, unless there is one already. */
    public function begin(Template $template): void
    {
        $kept = $this->kept($template->id);
        if ($kept !== null && $kept->revision === $template->draft_revision && $kept->state !== 'failed') {
            return;
        }
        $total = count($this->shownOn($template));
        $now = $total <= self::AT_ONCE;
        DB::transaction(static function () use ($template, $total, $now): void {
            FittingRun::query()->toBase()->updateOrInsert(['template_id' => $template->id], [
                'revision' => $template->draft_revision,
                'state' => 'running',
                'total' => $total,
                'done' => 0,
                'findings' => '[]',
                'made_at' => now('UTC')->toDateTimeString(),
            ]);
            $now || Queue::push(new FitTemplate($template->id, $template->draft_revision));
        });
        if ($now) {
            $this->run($template->id, $template->draft_revision);
        }
    }

    /** Does the work; ends by itself when the draft has changed since. */
    public function run(int $templateId, int $revision): void
    {
        $template = Template::query()->find($templateId);
        if ($template === null || $template->draft_revision !== $revision) {
            return;
        }
        $tree = $this->stored->tree($template->draft_tree);
        $kind = $template->knownKind();
        $fitter = new Fitter($this->composer->schema);
        $pages = $this->pages->get($kind);
        $groups = [];
        $words = new SearchWords;
        foreach (array_chunk($this->shownOn($template), self::CHUNK) as $at => $ids) {
            foreach ($ids as $id) {
                $subject = $pages->read($id);
                if ($subject === null) {
                    continue;
                }
                $filled = $this->filler->fill($tree, $subject);
                $context = $this->contexts->of($filled, $subject, new Looking(explain: true));
                $page = $this->composer->compose($filled, $context);
                $found = array_map(
                    static fn (Finding $finding): array => [$id, $finding],
                    $fitter->check($filled, $page, $context, PageKinds::standard()->get($kind)),
                );
                if ($this->cart->lacksOn($page, $kind, $subject)) {
                    $found[] = [$id, Finding::missing(Essential::Cart)];
                }
                foreach ([...$found, ...$words->check($page, $subject)] as [$about, $finding]) {
                    $key = "{$finding->matter->value} $finding->blockId $finding->about";
                    $groups[$key] ??= [
                        'matter' => $finding->matter->value,
                        'block' => $finding->blockId,
                        'about' => $finding->about,
                        'count' => 0,
                        'first' => [],
                    ];
                    $groups[$key]['count']++;
                    if (count($groups[$key]['first']) < self::MOST_EXAMPLES) {
                        $groups[$key]['first'][] = $about;
                    }
                }
            }
            if (! $this->note($templateId, $revision, $at * self::CHUNK + count($ids), $groups, 'running')) {
                return;
            }
        }
        $this->note($templateId, $revision, null, $groups, 'done');
    }

    /** @return array<string, mixed> how it stands: state, progress, and what was found, by what to do */
    public function report(Template $template): array
    {
        $kept = $this->kept($template->id);
        if ($kept === null || $kept->revision !== $template->draft_revision) {
            return ['state' => 'none', 'total' => 0, 'done' => 0, 'groups' => []];
        }
        /** @var list<Group> $groups */
        $groups = json_decode($kept->findings, true) ?? [];
        $order = array_flip(array_column(Matter::cases(), 'value'));
        usort($groups, static fn (array $one, array $other): int => [$order[$one['matter']], -$one['count']] <=> [
            $order[$other['matter']],
            -$other['count'],
        ]);
        $rows = [];
        foreach (
            array_chunk(array_values(array_unique(array_merge([], ...array_column($groups, 'first')))), 200) as $ids
        ) {
            $rows += array_column($this->pages->get($template->knownKind())->rows($ids), null, 'id');
        }

        return [
            'state' => $kept->state,
            'total' => $kept->total,
            'done' => $kept->done,
            'groups' => array_map(static fn (array $group): array => [
                ...array_diff_key($group, ['first' => 1]),
                'pages' => array_values(
                    array_filter(array_map(static fn (int $id): ?array => $rows[$id] ?? null, $group['first'])),
                ),
            ], $groups),
        ];
    }

    /** @param  array<string, Group>  $groups @return bool whether this fitting still is the one that is wanted */
    private function note(int $templateId, int $revision, ?int $done, array $groups, string $state): bool
    {
        return FittingRun::query()->toBase()->where('template_id', $templateId)->where('revision', $revision)->update([
            'done' => $done ?? FittingRun::query()->toBase()->where('template_id', $templateId)->value('total'),
            'findings' => json_encode(array_values($groups), JSON_THROW_ON_ERROR),
            'state' => $state,
        ]) > 0;
    }

    /** @return list<int> the pages that the draft would be shown on */
    private function shownOn(Template $template): array
    {
        $supposed = (new WhatIf)->withReach($template->id, $this->stored->draft($template)->reach);
        $winners = WinnersSql::of($this->contests->all($template->knownKind(), $supposed));

        return array_column(
            ReachRows::wonBy($winners, $template->id),
            'page_id',
        );
    }

    private function kept(int $templateId): ?stdClass
    {
        $row = FittingRun::query()->toBase()->where('template_id', $templateId)->first();

        return $row instanceof stdClass ? $row : null;
    }
}
