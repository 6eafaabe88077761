<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Releases;

use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Queue;
use stdClass;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Doors\Studio\Answers\ReleaseRow;
use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Models\HouseStyle;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Style\HouseState;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Releases\Impact;
use Vestibra\App\Work\Releases\Making\HouseStyleDeed;
use Vestibra\App\Work\Releases\NearbyPages;
use Vestibra\App\Work\Releases\Publish;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\App\Work\Releases\RunDueReleases;
use Vestibra\Core\Problem;
use Vestibra\Core\Releases\Changes;
use Vestibra\Core\Releases\HouseStyleChange;
use Vestibra\Core\Styling\HouseProblem;
use Vestibra\Core\Templates\TemplateRole;

/**
 * From drafts to the shop, now or at a time.
 *
 * @shape PublishLook array{revisions: array<string, int>, others: list<array{id: int, name: string, live: bool,
 *     role: string, pageKind: string}>, house: HouseUnpublished|null, changed: bool, message?: string,
 *     concerns?: list<array{spoken: string, words: string}>}
 */
final readonly class PublishController
{
    private const MOST_TEMPLATES = 50;

    /** So many others are offered beside what is published. */
    private const BESIDE = 200;

    public function __construct(
        private Publish $publish,
        private Releases $releases,
        private Impact $impact,
        private ShopClock $clock,
        private ReleaseRow $row,
    ) {
    }

    /** What publishing would do: a page's worth of moves, the new look, and what wants a spoken decision. */
    public function impact(Request $request, Template $template): JsonResponse
    {
        $template->isPage() && $template->knownKind();
        $revisions = $this->draftsOf($template, $request);
        $changes = $this->publish->changes($revisions);
        $others = $this->changedBeside($template);
        $answer = [
            'revisions' => $revisions,
            'house' => HouseState::unpublished(),
            'others' => $others->map(static fn (Template $other): array => [
                'id' => $other->id,
                'name' => $other->name,
                'live' => $other->isLive(),
                'role' => $other->role->value,
                'pageKind' => $other->page_kind,
            ])->values(),
        ];
        if (! $changes instanceof Changes) {
            return new JsonResponse($answer + ['changed' => false] + ProblemWords::answer($changes));
        }
        $at = $this->time($request);
        $changes = $changes->with(...self::house($request));

        return new JsonResponse($answer + [
            'changed' => true,
            'concerns' => array_map(
                static fn (Problem $concern): array =>
                    ['spoken' => $concern->path, 'words' => ProblemWords::of($concern)],
                $this->publish->concerns($changes, $at),
            ),
        ] + $this->impact->of($changes, $at));
    }

    public function group(Request $request, Template $template): JsonResponse
    {
        $changes = $this->publish->changes($this->draftsOf($template, $request));
        if (! $changes instanceof Changes) {
            return new JsonResponse(ProblemWords::answer($changes), 409);
        }

        return new JsonResponse($this->impact->group(
            $changes->with(...self::house($request)),
            Asked::id($request, 'from'),
            Asked::id($request, 'to'),
            Asked::text($request, 'q'),
            Asked::page($request),
            $this->time($request),
        ));
    }

    public function store(Request $request, NearbyPages $nearby): JsonResponse
    {
        $given = $request->validate([
            'revisions' => ['required', 'array', 'max:'.self::MOST_TEMPLATES],
            'revisions.*' => ['integer'],
            'note' => ['nullable', 'string', 'max:300'],
            'spoken' => ['array', 'max:200'],
            'spoken.*' => ['string', 'max:60'],
            'house' => ['nullable', 'string', 'size:40'],
            'due' => ['nullable', 'string', 'max:40'],
        ], ['note.max' => 'A note can have 300 characters at most. Nothing was published; shorten it a little.']);
        $revisions = [];
        foreach ($given['revisions'] as $id => $revision) {
            $revisions[(int) $id] = (int) $revision;
        }
        $tried = $this->releases->tried(SignedIn::user(), Asked::key($request));
        if ($tried !== null) {
            return $this->made($tried, $nearby);
        }
        $changes = $this->publish->changes($revisions);
        if (! $changes instanceof Changes) {
            return new JsonResponse(ProblemWords::answer($changes), 409);
        }
        if (isset($given['house'])) {
            if ((HouseState::unpublished()['seen'] ?? '') !== $given['house']) {
                return new JsonResponse(ProblemWords::answer([HouseProblem::ChangedSince->at()]), 409);
            }
            $changes = $changes->with(...self::house($request));
        }
        $due = isset($given['due']) ? $this->clock->zone->instant($given['due']) : null;
        if (isset($given['due']) && ($due === null || $due <= $this->clock->now())) {
            return new JsonResponse(ProblemWords::answer([ReleaseProblem::PublishTimePast->at()]), 422);
        }
        $unspoken = array_values(array_filter(
            $this->publish->concerns($changes, $due),
            static fn (Problem $concern): bool => ! in_array($concern->path, $given['spoken'] ?? [], true),
        ));
        if ($unspoken !== []) {
            return new JsonResponse(ProblemWords::answer($unspoken), 409);
        }
        $release = $due === null
            ? $this->releases->make($changes, SignedIn::user(), $given['note'] ?? '', key: Asked::key($request))
            : $this->releases->wait($changes, SignedIn::user(), $given['note'] ?? '', $due, Asked::key($request));
        if ($due !== null) {
            Queue::later($due, new RunDueReleases);
        }
        if (! $release instanceof Release) {
            return new JsonResponse(ProblemWords::answer($release), 409);
        }

        return $this->made($release, $nearby);
    }

    private function made(Release $release, NearbyPages $nearby): JsonResponse
    {
        return new JsonResponse(
            $this->row->of($release->load('author'))
                + ['look' => $release->state === Release::DONE ? $nearby->of($release) : null],
            201,
        );
    }

    /** @return array<int, int> template id => the revision of its draft now */
    private function draftsOf(Template $template, Request $request): array
    {
        $also = Template::query()->where('let_go_at', null)
            ->whereIn('id', Asked::ids($request, 'also', self::MOST_TEMPLATES))
            ->pluck('draft_revision', 'id')
            ->all();

        // Where nothing of it changed, what is published with it goes alone.
        return $also !== [] && ! $template->isChanged() ? $also : [$template->id => $template->draft_revision] + $also;
    }

    /** @return list<HouseStyleChange> the decisions of the house style that is in use, where they go with it */
    private static function house(Request $request): array
    {
        $house = Asked::text($request, 'house') === '' ? null : HouseState::unpublished();
        $row = $house === null ? null : HouseStyle::query()->toBase()->find($house['id']);

        return $row instanceof stdClass ? [HouseStyleDeed::to($row)] : [];
    }

    private function time(Request $request): ?DateTimeImmutable
    {
        $due = Asked::text($request, 'due', 400);

        return $due === '' ? null : $this->clock->zone->instant($due);
    }

    /** @return Collection<int, Template> what else could be published: of the same kind first */
    private function changedBeside(Template $template): Collection
    {
        $changed = static fn (): Builder => Template::query()->where('let_go_at', null)
            ->where(static fn ($query) => $query->whereIn('page_kind', PageAddresses::names())->orWhereIn(
                'role',
                [TemplateRole::Card, TemplateRole::Part],
            ))
            ->where('id', '!=', $template->id)
            ->where(static fn ($query) =>
                $query->whereNull('live_revision')
                    ->orWhereColumn('draft_tree', '!=', 'live_tree')
                    ->orWhereColumn('draft_reach', '!=', 'live_reach'));
        $same = $changed()->where('page_kind', $template->page_kind)->oldest('hand_order')->limit(self::BESIDE)->get();
        $others = $changed()->where('page_kind', '!=', $template->page_kind)->latest('page_kind')->oldest('hand_order')
            ->limit(self::BESIDE - $same->count())->get();

        return $same->concat($others)->filter(static fn (Template $other): bool => $other->isChanged());
    }
}
