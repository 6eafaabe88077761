<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Answers;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Releases\Making\Deeds;
use Vestibra\App\Work\Releases\Releases;

/**
 * A release as the Studio's lists show it.
 *
 * @shape ReleaseRow array{id: int, state: 'done'|'waiting'|'called-off'|'failed', author: string|null, at: string,
 *     due: string|null, dueWall: string|null, note: string, words: string, impact: Impact, trouble: string|null,
 *     bringsBack: int|null, later: list<int>, look?: array{changed: list<PageRow>, same: list<PageRow>}|null}
 */
final readonly class ReleaseRow
{
    public function __construct(
        private Releases $releases,
        private ShopClock $clock,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Release $release): array
    {
        return $this->all([$release])[0];
    }

    /**
     * @param  iterable<Release>  $releases
     * @return list<array<string, mixed>>
     */
    public function all(iterable $releases): array
    {
        $list = is_array($releases) ? array_values($releases) : iterator_to_array($releases, false);
        $later = $this->releases->later(
            array_values(array_filter($list, static fn (Release $release): bool => $release->state === Release::DONE)),
        );

        return array_map(fn (Release $release): array => $this->row($release, $later[$release->id] ?? []), $list);
    }

    /**
     * @param  list<int>  $later
     * @return array<string, mixed>
     */
    private function row(Release $release, array $later): array
    {
        return [
            'id' => $release->id,
            'state' => $release->state,
            'author' => $release->author?->name,
            'at' => $release->at->toIso8601String(),
            'due' => $release->due_at?->toIso8601String(),
            'dueWall' => $release->due_at === null
                ? null
                : $this->clock->zone->wall($release->due_at->toDateTimeImmutable()),
            'note' => $release->note,
            'words' => Deeds::words($release->change_set),
            'impact' => $release->impact,
            'trouble' => $release->trouble === null
                ? null
                : ProblemWords::kept($release->trouble, Deeds::words($release->change_set)),
            'bringsBack' => $release->brings_back_id,
            'later' => $later,
        ];
    }
}
