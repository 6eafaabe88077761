<?php

declare(strict_types=1);

namespace Vestibra\App\Http;

use Vestibra\App\Models\Release;
use Vestibra\App\Releases\Releases;
use Vestibra\App\ShopClock;
use Vestibra\App\Words\ProblemWords;
use Vestibra\Core\Problem;

/** A release as the Studio's lists show it. */
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
        return [
            'id' => $release->id,
            'state' => $release->state,
            'author' => $release->author?->name,
            'at' => $release->at->toIso8601String(),
            'due' => $release->due_at?->toIso8601String(),
            'dueWall' => $release->due_at === null ? null : $this->clock->zone->wall($release->due_at->toDateTimeImmutable()),
            'note' => $release->note,
            'words' => $release->changes()->words(),
            'impact' => $release->impact,
            'trouble' => $release->trouble === null ? null : ProblemWords::of(new Problem($release->trouble, '', ['name' => $release->changes()->words()])),
            'bringsBack' => $release->brings_back_id,
            'later' => $release->state === Release::DONE ? $this->releases->later($release) : [],
        ];
    }
}
