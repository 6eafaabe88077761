<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Throwable;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Rules\LiveRules;
use Vestibra\App\Reach\Rules\RefreshVerdicts;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Records\Settings\LiveSettings;
use Vestibra\App\Work\Releases\Making\Deeds;
use Vestibra\Core\Problem;
use Vestibra\Core\Releases\Changes;

/** The one door through which what customers see changes: every change is a release. */
final readonly class Releases
{
    public function __construct(
        private Impact $impact,
        private ShopClock $clock,
        private LiveSettings $settings,
    ) {
    }

    /**
     * @param  string  $key  the same for every try at the same release, which is made once; empty for none
     * @return Release|non-empty-list<Problem>
     */
    public function make(
        Changes $changes,
        User $author,
        string $note,
        ?int $bringsBack = null,
        string $key = '',
    ): Release|array {
        $before = $this->tried($author, $key);
        $problems = $before === null ? Deeds::problems($changes) : [];
        if ($before !== null || $problems !== []) {
            return $before ?? $problems;
        }
        $seen = $this->foresee($changes);

        return DB::transaction(function () use ($changes, $seen, $author, $note, $bringsBack, $key): Release|array {
            $before = $this->tried($author, $key);
            $problems = $before === null ? Deeds::problems($changes) : [];
            if ($before !== null || $problems !== []) {
                return $before ?? $problems;
            }
            $seen = $this->stillHolds($seen) ? $seen : $this->foresee($changes);
            if ($seen->changes->isNothing()) {
                return [ReleaseProblem::SoAlready->at()];
            }
            Deeds::apply($seen->changes);
            Queue::push(new RefreshVerdicts);
            $this->settings->forget();

            return Release::query()->create([
                'author_id' => $author->id,
                'state' => Release::DONE,
                'at' => $this->clock->now(),
                'note' => $note,
                'change_set' => $seen->changes,
                'impact' => $seen->impact,
                'brings_back_id' => $bringsBack,
                'key' => $key === '' ? null : $key,
            ]);
        });
    }

    /** What the same try has made already. */
    public function tried(User $author, string $key): ?Release
    {
        return $key === '' ? null : Release::query()->where('author_id', $author->id)->where('key', $key)->first();
    }

    /** What changes would do, worked out before anybody else has to wait for it. */
    private function foresee(Changes $changes): PlannedChanges
    {
        $word = LiveRules::word();
        $now = Deeds::now($changes);

        return new PlannedChanges($now, $this->impact->of($now), $word);
    }

    /** Under the lock: nothing that it depends on is another one since. */
    private function stillHolds(PlannedChanges $seen): bool
    {
        return LiveRules::word() === $seen->word && Deeds::now($seen->changes)->toArray() === $seen->changes->toArray();
    }

    /** Keeps the changes as they are now, to be made at a time. */
    public function wait(
        Changes $changes,
        User $author,
        string $note,
        DateTimeImmutable $due,
        string $key = '',
    ): Release {
        $before = $this->tried($author, $key);
        if ($before !== null) {
            return $before;
        }
        $changes = Deeds::now($changes);
        $impact = $this->impact->of($changes, $due);

        return Release::query()->create([
            'author_id' => $author->id,
            'state' => Release::WAITING,
            'at' => $this->clock->now(),
            'due_at' => $due,
            'note' => $note,
            'change_set' => $changes,
            'impact' => $impact,
            'key' => $key === '' ? null : $key,
        ]);
    }

    /** @return Release|non-empty-list<Problem> the release that takes an earlier one back */
    public function bringBack(int $releaseId, User $author, string $key = ''): Release|array
    {
        $earlier = Release::query()->findOrFail($releaseId);
        if ($earlier->state !== Release::DONE) {
            return [ReleaseProblem::NotDone->at()];
        }

        return $this->make($earlier->change_set->inverse(), $author, '', $earlier->id, $key);
    }

    /**
     * Makes every waiting release whose time has come, earliest first. Each one is done wholly or not at all, and once.
     */
    public function runDue(): int
    {
        $done = 0;
        while ($this->isDue()) {
            $id = null;
            try {
                $next = $this->due();
                $id = $next?->id;
                $seen = $next === null || Deeds::problems($next->change_set) !== []
                    ? null
                    : $this->foresee($next->change_set);
                DB::transaction(function () use ($id, $seen): void {
                    $release = $this->due();
                    if ($release !== null) {
                        $this->run($release, $release->id === $id ? $seen : null);
                    }
                });
                $done++;
            } catch (Throwable $error) {
                // It waits until there is room.
                NoRoom::isBehind($error) && throw $error;
                report($error);
                Release::query()->where('id', $id)
                    ->where('state', Release::WAITING)
                    ->update(['state' => Release::FAILED, 'trouble' => ReleaseProblem::Broke->value]);
            }
        }

        return $done;
    }

    public function isDue(): bool
    {
        return Release::query()->toBase()
            ->where('state', Release::WAITING)
            ->where('due_at', '<=', $this->clock->now()->format('Y-m-d H:i:s'))
            ->exists();
    }

    private function due(): ?Release
    {
        return Release::query()->where('state', Release::WAITING)
            ->where('due_at', '<=', $this->clock->now())
            ->oldest('due_at')
            ->oldest('id')
            ->first();
    }

    private function run(Release $release, ?PlannedChanges $seen): void
    {
        $problems = Deeds::problems($release->change_set);
        if ($problems !== []) {
            $release->update(['state' => Release::FAILED, 'trouble' => $problems[0]->code->value]);

            return;
        }
        $seen = $seen !== null && $this->stillHolds($seen) ? $seen : $this->foresee($release->change_set);
        Deeds::apply($seen->changes);
        Queue::push(new RefreshVerdicts);
        $this->settings->forget();
        $release->update([
            'state' => Release::DONE,
            'at' => $this->clock->now(),
            'change_set' => $seen->changes,
            'impact' => $seen->impact,
        ]);
    }

    /**
     * Of releases that were made, the later ones that touched the same things; one query for all of them, through the
     * next 200 releases after the earliest.
     *
     * @param  list<Release>  $releases
     * @return array<int, list<int>> release => later releases
     */
    public function later(array $releases): array
    {
        $later = [];
        foreach ($releases as $release) {
            $later[$release->id] = [];
        }
        if ($later === []) {
            return [];
        }
        $touches = [];
        foreach ($releases as $release) {
            $touches[$release->id] = $release->change_set->touches();
        }
        /** @var \Illuminate\Support\Collection<int, Release> $others */
        $others = Release::query()->where('id', '>', min(array_keys($later)))
            ->where('state', Release::DONE)
            ->oldest('id')
            ->limit(200)
            ->get();
        foreach ($others as $other) {
            $touched = $touches[$other->id] ?? $other->change_set->touches();
            foreach ($touches as $id => $own) {
                if ($other->id > $id && array_intersect($own, $touched) !== []) {
                    $later[$id][] = $other->id;
                }
            }
        }

        return $later;
    }
}
