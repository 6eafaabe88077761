<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Today;

use DateTimeImmutable;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Pages\Sql\ShownPages;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\OwnWords;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Words\ReachWords;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Reach\Season;
use Vestibra\Core\Templates\TemplateRole;

/**
 * What is live, in numbers.
 *
 * @shape LiveSummary array{templates: int, pages: list<array{pageKind: string, count: int}>,
 *     byTemplate: list<array{id: int, name: string, pageKind: string, count: int}>, ahead: list<array{id: int,
 *     name: string, pageKind: string, count: int, season: string, from: string|null}>, drafts: int, words: int}
 */
final readonly class Live
{
    public function __construct(
        private ReachCounts $counts,
        private PagesOfTheShop $pages,
        private ReachWords $words,
        private OwnWords $own,
    ) {
    }

    /**
     * @return array{templates: int, pages: list<array{pageKind: string, count: int}>, byTemplate: list<array{id: int,
     *     name: string, pageKind: string, count: int}>,
     *     ahead: list<array{id: int, name: string, pageKind: string, count: int, season: string, from: string|null}>,
     *     drafts: int, words: int}
     *     pages that customers can see, by kind; the ten templates with most pages; those whose season lies ahead, with
     *     how many pages they will be shown on
     */
    public function summary(): array
    {
        $names = Template::query()->toBase()->whereNotNull('live_revision')
            ->where('role', TemplateRole::Page->value)
            ->orderBy('hand_order')
            ->pluck('name', 'id')
            ->all();
        $byTemplate = $ahead = $pages = [];
        foreach ($this->pages->all() as $of) {
            $kind = $of->kind()->value;
            if (PageAddresses::isPage($kind)) {
                $pages[] = [
                    'pageKind' => $kind,
                    'count' => PageKinds::standard()->get($of->kind())->subject()->isSingle()
                        ? 1
                        : (int) ShownPages::count($of),
                ];
            }
            foreach ($this->counts->live($of->kind()) as $id => $count) {
                $one = ['id' => $id, 'name' => (string) ($names[$id] ?? ''), 'pageKind' => $kind];
                if ($count['when'] === 'ahead') {
                    $ahead[] = $one + [
                        'count' => $count['shownOn'],
                        'season' => $this->words
                            ->season(Season::of(self::instant($count['from']), self::instant($count['until']))),
                        'from' => $count['from'],
                    ];
                }
                // A header or footer has nearly all pages.
                PageAddresses::isPage($kind) && $byTemplate[] = $one + ['count' => $count['shownNow']];
            }
        }
        usort($byTemplate, static fn (array $one, array $other): int => $other['count'] <=> $one['count']);
        usort($ahead, static fn (array $one, array $other): int => $one['from'] <=> $other['from']);

        return [
            'ahead' => $ahead,
            'templates' => count($names),
            'pages' => $pages,
            'byTemplate' => array_slice($byTemplate, 0, 10),
            'drafts' => Template::query()->toBase()->whereNull('let_go_at')->where(static fn ($query) => $query
                ->whereNull('live_revision')->orWhereColumn('draft_tree', '!=', 'live_tree')
                ->orWhereColumn('draft_reach', '!=', 'live_reach'))
                ->count(),
            'words' => count($this->own->unpublished()),
        ];
    }

    private static function instant(?string $written): ?DateTimeImmutable
    {
        return $written === null ? null : new DateTimeImmutable($written);
    }
}
