<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Releases;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SameTime;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Doors\Studio\Answers\ReleaseRow;
use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Releases\Impact;
use Vestibra\App\Work\Releases\Making\Deeds;
use Vestibra\App\Work\Releases\NearbyPages;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\App\Work\Releases\RunDueReleases;

final readonly class ReleasesController
{
    private const PAGE = 20;

    public function __construct(
        private Releases $releases,
        private Impact $impact,
        private ShopClock $clock,
        private ReleaseRow $row,
    ) {
    }

    public function index(): View
    {
        $done = Release::query()->with('author')->where('state', '!=', Release::WAITING)->latest('id')->paginate(
            self::PAGE,
        );
        /** @var \Illuminate\Support\Collection<int, Release> $waiting */
        $waiting = Release::query()->with('author')->where('state', Release::WAITING)->oldest('due_at')->limit(
            100,
        )->get();

        return Screen::show('releases', 'Releases', [
            'page' => $done->currentPage(),
            'pages' => $done->lastPage(),
            'waiting' => $this->row->all($waiting),
            'releases' => $this->row->all($done->items()),
        ]);
    }

    /** What bringing it back would do to the shop now. */
    public function impact(Release $release): JsonResponse
    {
        $changes = $release->change_set->inverse();
        $problems = $release->state === Release::DONE ? Deeds::problems($changes) : [ReleaseProblem::NotDone->at()];

        return $problems === []
            ? new JsonResponse($this->impact->of(Deeds::now($changes)))
            : new JsonResponse(ProblemWords::answer($problems), 409);
    }

    /** Some of the pages that a release that waits would change, counted for its instant. */
    public function group(Request $request, Release $release): JsonResponse
    {
        if ($release->state !== Release::WAITING) {
            return new JsonResponse(ProblemWords::answer([ReleaseProblem::NotWaiting->at()]), 409);
        }

        return new JsonResponse($this->impact->group(
            Deeds::now($release->change_set),
            Asked::id($request, 'from'),
            Asked::id($request, 'to'),
            Asked::text($request, 'q'),
            Asked::page($request),
            $release->due_at?->toDateTimeImmutable(),
        ));
    }

    public function bringBack(Request $request, Release $release, NearbyPages $nearby): JsonResponse
    {
        $done = $this->releases->bringBack($release->id, SignedIn::user(), Asked::key($request));

        return $done instanceof Release
            ? new JsonResponse($this->row->of($done->load('author')) + ['look' => $nearby->of($done)], 201)
            : new JsonResponse(ProblemWords::answer($done), 409);
    }

    /** Another time or note for a release that waits. */
    public function change(Request $request, Release $release): JsonResponse
    {
        $given = $request->validate(['due' => ['string', 'max:40'], 'note' => ['string', 'max:300']]);
        $due = isset($given['due']) ? $this->clock->zone->instant($given['due']) : $release->due_at;
        if ($due === null || $due <= $this->clock->now()) {
            return new JsonResponse(ProblemWords::answer([ReleaseProblem::PublishTimePast->at()]), 422);
        }

        return DB::transaction(function () use ($request, $release, $given, $due): JsonResponse {
            $release->refresh();
            $values = SameTime::of(
                $request,
                ['due' => $this->row->of($release)['dueWall'], 'note' => $release->note],
                $given,
            );
            if ($values instanceof JsonResponse) {
                return $values;
            }
            Queue::later($due, new RunDueReleases);

            return $this->whileWaiting($release, [
                'due_at' => isset($values['due']) && is_string($values['due'])
                    ? $this->clock->zone->instant($values['due'])
                    : $release->due_at,
                'note' => $values['note'] ?? $release->note,
            ]);
        });
    }

    public function callOff(Release $release): JsonResponse
    {
        return $this->whileWaiting($release, ['state' => Release::CALLED_OFF]);
    }

    /** @param  array<string, mixed>  $values */
    private function whileWaiting(Release $release, array $values): JsonResponse
    {
        $changed = Release::query()->where('id', $release->id)->where('state', Release::WAITING)->update($values);

        return $changed === 1
            ? new JsonResponse($this->row->of($release->refresh()->load('author')))
            : new JsonResponse(ProblemWords::answer([ReleaseProblem::NotWaiting->at()]), 409);
    }
}
