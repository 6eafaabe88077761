<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Releases;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SameTime;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Doors\Studio\Answers\ReleaseRow;
use Vestibra\App\Ground\Problems\WordsProblem;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Settings\OwnWords;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Words\WordsList;
use Vestibra\App\Work\Releases\Impact;
use Vestibra\App\Work\Releases\Making\MessagesDeed;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\Core\Releases\Changes;

/** The words that customers read beside what the owner writes in templates: changed in a draft, and published. */
final readonly class WordsController
{
    public function __construct(
        private WordsList $list,
        private OwnWords $own,
    ) {
    }

    public function index(): View
    {
        return Screen::show('words', 'Words', $this->list->page('', false, 1) + $this->unpublished());
    }

    public function rows(Request $request): JsonResponse
    {
        return new JsonResponse($this->list
            ->page(Asked::text($request, 'q'), Asked::flag($request, 'own'), Asked::page($request))
            + $this->unpublished());
    }

    /** Own words in the draft, or those that came. */
    public function set(Request $request, string $key): JsonResponse
    {
        $words = Asked::flag($request, 'asItCame') ? null : Asked::text($request, 'words', 2 * OwnWords::LONGEST);

        return DB::transaction(function () use ($request, $key, $words): JsonResponse {
            $row = $this->list->one($key);
            if ($row === null) {
                return new JsonResponse(ProblemWords::answer([WordsProblem::NoMessage->at()]), 404);
            }
            $values = SameTime::of($request, ['words' => $row['draft']], ['words' => $words ?? $row['came']]);
            if ($values instanceof JsonResponse) {
                return $values;
            }
            $problem = $this->own->set($key, is_string($values['words']) ? $values['words'] : null);

            return $problem === null
                ? new JsonResponse(['row' => $this->list->one($key)] + $this->unpublished())
                : new JsonResponse(ProblemWords::answer([$problem]), 422);
        });
    }

    /** What publishing the draft would do. */
    public function impact(Impact $impact): JsonResponse
    {
        $words = $this->own->unpublished();

        return $words === []
            ? new JsonResponse(ProblemWords::answer([WordsProblem::NothingToPublish->at()]), 409)
            : new JsonResponse($impact->of(Changes::of(MessagesDeed::to($words))) + $this->unpublished());
    }

    public function publish(Request $request, Releases $releases, ReleaseRow $row): JsonResponse
    {
        $given = $request->validate(
            ['seen' => ['required', 'string', 'size:40'], 'note' => ['nullable', 'string', 'max:300']],
            ['note.max' => 'A note can have 300 characters at most. Nothing was published; shorten it a little.'],
        );
        $words = $this->own->unpublished();
        $problem = match (true) {
            $words === [] => WordsProblem::NothingToPublish,
            $given['seen'] !== self::mark($words) => WordsProblem::ChangedSince,
            default => null,
        };
        if ($problem !== null) {
            return new JsonResponse(ProblemWords::answer([$problem->at()]), 409);
        }
        $release = $releases->make(
            Changes::of(MessagesDeed::to($words)),
            SignedIn::user(),
            $given['note'] ?? '',
            key: Asked::key($request),
        );

        return $release instanceof Release
            ? new JsonResponse($row->of($release->load('author')) + ['unpublished' => 0], 201)
            : new JsonResponse(ProblemWords::answer($release), 409);
    }

    /** @return array{unpublished: int, seen: string} */
    private function unpublished(): array
    {
        $words = $this->own->unpublished();

        return ['unpublished' => count($words), 'seen' => self::mark($words)];
    }

    /** @param  array<string, string|null>  $words */
    private static function mark(array $words): string
    {
        return sha1((string) json_encode($words));
    }
}
