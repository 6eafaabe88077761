<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases;

use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Releases\Making\Deeds;
use Vestibra\App\Work\Releases\Making\TemplateDeed;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Releases\Changes;
use Vestibra\Core\Templates\TemplateRole;

/**
 * Which template pages will have: by the first release that waits and moves them, else by the drafts, were all of the
 * kind published.
 *
 * @phpstan-type Next array{template: int, at: string|null}
 */
final readonly class Upcoming
{
    /** So many releases that wait are looked at, the earliest first. */
    private const WAITING = 5;

    public function __construct(private Impact $impact)
    {
    }

    /**
     * @param  array<int, int>  $now  page => the template it has
     * @return array<int, Next> of those that will have another; `at` is null for what the drafts would do
     */
    public function of(PageKind $kind, array $now): array
    {
        $next = [];
        foreach ($this->sets($kind) as [$changes, $at]) {
            $rest = array_keys(array_diff_key($now, $next));
            foreach ($rest === [] ? [] : $this->impact->winners($kind, Deeds::now($changes), $rest) as $page => $then) {
                $then === $now[$page] || $next[$page] = ['template' => $then, 'at' => $at];
            }
        }

        return $next;
    }

    /** @return iterable<array{Changes, string|null}> */
    private function sets(PageKind $kind): iterable
    {
        foreach (Release::query()->where('state', Release::WAITING)
            ->oldest('due_at')
            ->limit(self::WAITING)
            ->get() as $release) {
            Deeds::problems($release->change_set) === []
                && yield [$release->change_set, $release->due_at?->format('Y-m-d\TH:i:s\Z')];
        }
        $drafts = Template::query()->where('role', TemplateRole::Page)->where('page_kind', $kind->value)
            ->whereNull('let_go_at')
            ->where(static fn ($query) => $query->whereNull('live_revision')
                ->orWhereColumn('draft_reach', '!=', 'live_reach'))
            ->oldest('hand_order')
            ->limit(50)
            ->get()
            ->all();
        $changes = array_values(array_map(TemplateDeed::publish(...), $drafts));
        if ($changes !== []) {
            yield [Changes::of(...$changes), null];
        }
    }
}
