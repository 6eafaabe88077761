<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases;

use Vestibra\App\Reach\Kinds\FindsPages;
use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Work\Releases\Making\AskedByChanges;
use Vestibra\App\Work\Releases\Making\Deeds;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Releases\Changes;
use Vestibra\Core\Releases\PageOutcome;

/**
 * What to look at after a release: three pages that changed, and the three nearest of the same kind that did not.
 *
 * @phpstan-import-type PageRow from FindsPages
 */
final readonly class NearbyPages
{
    private const COUNT = 3;

    public function __construct(
        private PagesOfTheShop $pages,
        private Impact $impact,
        private AskedByChanges $shop,
    ) {
    }

    /** @return array{changed: list<PageRow>, same: list<PageRow>} */
    public function of(Release $release): array
    {
        $changed = [];
        foreach ([...$release->impact['moves'] ?? [], ...$release->impact['newLook'] ?? []] as $group) {
            foreach ($group['pages'] as $page) {
                $changed[$group['pageKind']][$page['id']] = $page['id'];
            }
        }
        $kind = PageKind::tryFrom((string) array_key_first($changed));
        if ($kind === null) {
            return ['changed' => [], 'same' => []];
        }
        $ids = array_slice(array_values($changed[$kind->value]), 0, self::COUNT);
        $pages = $this->pages->get($kind);

        return ['changed' => $pages->rows($ids), 'same' => $pages->rows($this->same($pages, $ids, $release))];
    }

    /**
     * @param  non-empty-list<int>  $changed
     * @return list<int>
     */
    private function same(PagesOfKind $pages, array $changed, Release $release): array
    {
        $near = $pages->near($changed);
        $touched = $this->touched($pages->kind(), $release, $near);

        return array_slice(array_values(array_diff($near, $touched, $changed)), 0, self::COUNT);
    }

    /**
     * @param  list<int>  $candidates
     * @return list<int> those of them whose pages changed
     */
    private function touched(PageKind $kind, Release $release, array $candidates): array
    {
        if ($candidates === []) {
            return [];
        }
        $changes = $release->change_set;
        $before = $this->impact->winners($kind, $changes->inverse(), $candidates);
        $after = $this->impact->winners($kind, Changes::of(), $candidates);
        $looks = Deeds::looks($changes, $this->shop);

        return array_values(array_filter($candidates, static fn (int $id): bool =>
            PageOutcome::of($before[$id] ?? null, $after[$id] ?? null, $looks->holds($kind, $id, $after[$id] ?? null))
                !== PageOutcome::Stays));
    }
}
