<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Layout;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Doors\Studio\Answers\FoundAnswer;
use Vestibra\App\Doors\Studio\Answers\ReleaseRow;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Bulk\DraftRules;
use Vestibra\App\Work\Bulk\LayoutDeed;
use Vestibra\App\Work\Bulk\LayoutDeeds;
use Vestibra\App\Work\Bulk\LayoutPlan;
use Vestibra\App\Work\Bulk\LayoutReport;
use Vestibra\App\Work\Bulk\LayoutWork;
use Vestibra\App\Work\Bulk\OutOfTheWay;
use Vestibra\App\Work\Bulk\Remaining;
use Vestibra\App\Work\Drafting\FollowedDrafts;
use Vestibra\App\Work\Finding\FoundPages;
use Vestibra\App\Work\Finding\Selections;
use Vestibra\App\Work\Releases\Impact;
use Vestibra\App\Work\Releases\Making\Deeds;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;

/**
 * Which template selected pages have, changed for all of them at once. Each deed is asked for with `ask` first, which
 * answers with the impact and changes nothing; without it, it is one release.
 *
 * @phpstan-import-type Asks from FoundAnswer
 *
 * @shape LayoutAnswer Impact&array{words: string, rest: list<RemainingRow>, draft: bool, pages: int}
 * @shape LayoutDone array{release: ReleaseRow|null, template: int|null, side: string,
 *     clauses: list<list<Condition>>, moved: int}
 */
final readonly class BulkController
{
    /** Pages that a sentence finds. */
    private const MOST = 10_000_000;

    /** Templates whose pins, and rules that, are taken out with a deed. */
    private const MOST_OUT = 100;

    public function __construct(
        private FoundAnswer $answer,
        private FoundPages $found,
        private LayoutDeeds $deeds,
        private DraftRules $drafts,
        private FollowedDrafts $followed,
        private LayoutWork $work,
        private Remaining $remaining,
        private Selections $selections,
        private Releases $releases,
        private Impact $impact,
        private ReleaseRow $row,
        private LayoutReport $report,
    ) {
    }

    public function layout(Request $request): JsonResponse
    {
        $request->validate([
            'deed' => ['required', Rule::enum(LayoutDeed::class)],
            'with' => ['nullable', 'integer'],
            'clauses' => ['nullable', 'array', 'max:20'],
            'revision' => ['nullable', 'integer'],
            'frees' => ['array', 'max:'.self::MOST_OUT],
            'without' => ['array', 'max:'.self::MOST_OUT],
        ]);
        $tried = Asked::flag($request, 'ask') ? null : $this->releases->tried(SignedIn::user(), Asked::key($request));
        if ($tried !== null) {
            return $this->done($tried, Asked::id($request, 'with'), 'show', []);
        }
        $deed = LayoutDeed::from(Asked::text($request, 'deed'));
        $kind = $this->kind($request);
        $pages = Asked::flag($request, 'sentence')
            ? $this->found->page($this->answer->filter($this->asks($request), $kind), 0, self::MOST)[0]
            : $this->selections->lookedAt($this->selections->of(SignedIn::user(), $kind), Asked::revision($request));
        if ($pages instanceof Problem) {
            return self::refuse($pages);
        }
        $plan = $this->deeds->plan(
            $deed,
            $kind,
            $pages,
            Template::query()->find(Asked::id($request, 'with')),
            Asked::untrusted($request, 'clauses'),
            OutOfTheWay::of(Asked::ids($request, 'frees', self::MOST_OUT), Asked::untrusted($request, 'without')),
        );
        if (! $plan instanceof LayoutPlan) {
            return self::refuse(...$plan);
        }
        $problems = Deeds::problems($plan->changes);

        return match (true) {
            $problems !== [] => self::refuse(...$problems),
            Asked::flag($request, 'ask') => new JsonResponse(
                $this->impact->of(Deeds::now($plan->changes)) + [
                    'words' => Deeds::words($plan->changes),
                    'rest' => $this->remaining->of($plan, $kind, $deed),
                    'draft' => $plan->isForDraft(),
                    'pages' => count($plan->pages),
                ],
            ),
            default => $this->make($request, $plan, $kind),
        };
    }

    /** What it did with the pages that were meant, as a file. */
    public function report(Release $release): StreamedResponse|JsonResponse
    {
        $lines = $this->report->of($release);

        return $lines === null
            ? new JsonResponse(['message' => 'Which pages this was done to is kept for a day, and not known any more. '
                .'Releases says what it changed.'], 404)
            : response()->streamDownload(static function () use ($lines): void {
                foreach ($lines as $line) {
                    echo $line;
                }
            }, "release-$release->id.csv", ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    /** Takes a deed back as one: its release, and what it brought to the draft. */
    public function takeBack(Request $request, Release $release): JsonResponse
    {
        $given = $request->validate([
            'template' => ['nullable', 'integer'],
            'side' => ['nullable', 'in:show,keepOff'],
            'clauses' => ['array', 'max:20'],
        ]);
        $template = Template::query()->find((int) ($given['template'] ?? 0));

        return DB::transaction(function () use ($request, $release, $given, $template): JsonResponse {
            $done = $this->releases->bringBack($release->id, SignedIn::user(), Asked::key($request));
            if (! $done instanceof Release) {
                return self::refuse(...$done);
            }
            foreach ($release->change_set->templates() as $change) {
                $change->template === $template?->id || $this->followed->takeBack($change, SignedIn::user());
            }
            if ($template !== null && isset($given['side'])) {
                $this->drafts->remove(
                    $template,
                    SignedIn::user(),
                    (string) $given['side'],
                    array_values(array_filter((array) ($given['clauses'] ?? []), is_array(...))),
                );
            }

            return new JsonResponse($this->row->of($done->load('author')), 201);
        });
    }

    private function make(Request $request, LayoutPlan $plan, PageKind $kind): JsonResponse
    {
        // What the draft has already is not taken out of it again when the release is taken back.
        $has = $plan->template->draft_reach[$plan->side] ?? [];
        $new = array_filter(
            $plan->clauses,
            static fn (array $clause): bool => ! in_array($clause, is_array($has) ? $has : [], false),
        );
        $done = $this->work->make($plan, SignedIn::user(), Asked::key($request));

        $done instanceof Release && LayoutReport::keep($done, $kind, $plan->pages);

        return is_array($done)
            ? self::refuse(...$done)
            : $this->done($done, $plan->template?->id, $plan->side, array_values($new));
    }

    /** @param  list<list<array<string, mixed>>>  $clauses  that the draft got with it */
    private function done(?Release $release, ?int $template, string $side, array $clauses): JsonResponse
    {
        return new JsonResponse([
            'release' => $release === null ? null : $this->row->of($release->load('author')),
            'template' => $template === 0 ? null : $template,
            'side' => $side,
            'clauses' => $clauses,
            'moved' => $release === null ? 0 : $release->impact['moved'] ?? 0,
        ], 201);
    }

    private function kind(Request $request): PageKind
    {
        $kind = $this->asks($request)['kind'];

        return PageAddresses::isPage($kind) ? PageKind::from($kind) : abort(422);
    }

    /** @return Asks */
    private function asks(Request $request): array
    {
        return FoundAnswer::asked($request, FoundAnswer::list($request));
    }

    private static function refuse(Problem $problem, Problem ...$more): JsonResponse
    {
        return new JsonResponse(ProblemWords::answer([$problem, ...array_values($more)]), 409);
    }
}
