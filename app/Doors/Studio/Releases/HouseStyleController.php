<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Releases;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use stdClass;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SameTime;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Doors\Studio\Answers\ReleaseRow;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Style\HouseBook;
use Vestibra\App\Style\HouseState;
use Vestibra\App\Style\Specimens;
use Vestibra\App\Style\Sql\SpecimenRows;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Releases\Impact;
use Vestibra\App\Work\Releases\Making\HouseStyleDeed;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\Core\Formats\Tokens\ReadTokens;
use Vestibra\Core\Formats\Tokens\TokensReader;
use Vestibra\Core\Formats\Tokens\TokensWriter;
use Vestibra\Core\Problem;
use Vestibra\Core\Releases\Changes;
use Vestibra\Core\Selling\MoneyFormat;
use Vestibra\Core\Styling\HouseProblem;
use Vestibra\Core\Styling\HouseStyle;

/**
 * The shop-wide styles: decided in a draft beside living specimens, released, brought back, kept and taken elsewhere.
 */
final readonly class HouseStyleController
{
    /** Of what was passed over. */
    private const MOST_NAMED = 8;

    public function __construct(
        private HouseBook $book,
        private HouseState $state,
    ) {
    }

    public function show(Request $request, Specimens $specimens): View
    {
        $asked = $this->book->find(Asked::id($request, 'style'));
        $row = $asked ?? $this->book->find($this->book->inUse()) ?? abort(404);

        return Screen::show('house-style', 'House style', [
            'state' => $this->state->of($row),
            'tokens' => HouseState::tokens(),
            'fonts' => $this->state->fonts(),
            'specimens' => $specimens->all(),
        ]);
    }

    /** How it stands, where that is another way than was seen: somebody else is at work too. */
    public function news(Request $request, int $house): JsonResponse
    {
        $row = $this->row($house);

        return new JsonResponse(['state' => Asked::text($request, 'seen') === HouseState::mark($row)
            ? null
            : $this->state->of($row)]);
    }

    /** Decisions of the draft; null for as usual. */
    public function set(Request $request, int $house): JsonResponse
    {
        $given = Asked::untrusted($request, 'tokens');
        if (! is_array($given) || $given === [] || count($given) > 200) {
            return new JsonResponse(ProblemWords::answer([HouseProblem::NoToken->at('', ['name' => ''])]), 422);
        }
        $problems = $this->book->problems($given);
        if ($problems !== []) {
            return new JsonResponse(ProblemWords::answer($problems), 422);
        }

        return DB::transaction(function () use ($request, $house, $given): JsonResponse {
            $row = $this->row($house);
            $stands = array_intersect_key(HouseBook::read($row->draft)->tokens(), $given);
            $values = SameTime::of($request, $stands, $given);
            if ($values instanceof JsonResponse) {
                return $values;
            }
            $this->book->set($house, $values);

            return $this->answer($house);
        });
    }

    public function store(Request $request): JsonResponse
    {
        $from = Asked::id($request, 'from');
        $row = $from > 0 ? $this->row($from) : null;
        $kept = $this->book->keep(
            Asked::text($request, 'name', 60),
            $row === null ? HouseStyle::standard() : HouseBook::read($row->draft),
        );

        return $kept instanceof Problem
            ? new JsonResponse(ProblemWords::answer([$kept]), 422)
            : $this->answer($kept, 201);
    }

    public function rename(Request $request, int $house): JsonResponse
    {
        return DB::transaction(function () use ($request, $house): JsonResponse {
            $values = SameTime::of($request, ['name' => $this->row($house)->name], [
                'name' => Asked::text($request, 'name', 60),
            ]);
            if ($values instanceof JsonResponse) {
                return $values;
            }
            $problem = $this->book->rename($house, is_string($values['name']) ? $values['name'] : '');

            return $problem === null ? $this->answer($house) : new JsonResponse(ProblemWords::answer([$problem]), 422);
        });
    }

    /** Only what was looked at: what somebody else has decided since is not thrown away unseen. */
    public function throwAway(Request $request, int $house): JsonResponse
    {
        return DB::transaction(function () use ($request, $house): JsonResponse {
            if (Asked::text($request, 'seen') !== HouseState::mark($this->row($house))) {
                return new JsonResponse(ProblemWords::answer([HouseProblem::DecidedSince->at()]), 409);
            }
            $this->book->throwAway($house);

            return $this->answer($house);
        });
    }

    public function delete(int $house): JsonResponse
    {
        $this->row($house);
        $problem = $this->book->letGo($house);

        return $problem === null
            ? $this->answer($this->book->inUse())
            : new JsonResponse(ProblemWords::answer([$problem]), 409);
    }

    /** What putting the draft into use would do. */
    public function impact(int $house, Impact $impact): JsonResponse
    {
        $row = $this->row($house);
        $problem = $this->nothing($row);

        return $problem !== null
            ? new JsonResponse(ProblemWords::answer([$problem]), 409)
            : new JsonResponse($impact->of(Changes::of(HouseStyleDeed::to($row)))
                + ['seen' => HouseState::mark($row)]);
    }

    public function publish(Request $request, int $house, Releases $releases, ReleaseRow $rows): JsonResponse
    {
        $given = $request->validate(
            ['seen' => ['required', 'string', 'size:40'], 'note' => ['nullable', 'string', 'max:300']],
            ['note.max' => 'A note can have 300 characters at most. Nothing was published; shorten it a little.'],
        );
        $row = $this->row($house);
        $problem = $this->nothing($row)
            ?? ($given['seen'] === HouseState::mark($row) ? null : HouseProblem::ChangedSince->at());
        if ($problem !== null) {
            return new JsonResponse(ProblemWords::answer([$problem]), 409);
        }
        $release = $releases->make(
            Changes::of(HouseStyleDeed::to($row)),
            SignedIn::user(),
            $given['note'] ?? '',
            key: Asked::key($request),
        );

        return $release instanceof Release
            ? new JsonResponse(
                ['release' => $rows->of($release->load('author')), 'state' => $this->state->of($this->row($house))],
                201,
            )
            : new JsonResponse(ProblemWords::answer($release), 409);
    }

    /** The style as a file of the Design Tokens Format Module. */
    public function file(int $house): JsonResponse
    {
        $row = $this->row($house);
        $name = trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower((string) $row->name)), '-') ?: 'house-style';

        return new JsonResponse(
            TokensWriter::write(HouseBook::read($row->draft)),
            200,
            ['Content-Disposition' => "attachment; filename=\"$name.tokens.json\""],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    /**
     * @param  list<Problem>  $problems
     * @return list<string> by name, the first of many
     */
    private static function passedOver(array $problems): array
    {
        $words = array_map(
            static fn (Problem $one): string => ProblemWords::of($one),
            array_slice($problems, 0, self::MOST_NAMED),
        );
        $more = count($problems) - count($words);

        return $more > 0
            ? [
                ...$words,
                Counted::of($more, 'more is not, and was passed over too.', 'more are not, and were passed over too.'),
            ]
            : $words;
    }

    /** A file becomes a style of its own, not in use. */
    public function import(Request $request): JsonResponse
    {
        $read = TokensReader::parse(Asked::text($request, 'file', TokensReader::MOST_BYTES + 1));
        if (! $read instanceof ReadTokens) {
            return new JsonResponse(ProblemWords::answer($read), 422);
        }
        $kept = $this->book->keep(Asked::text($request, 'name', 60), $read->style);

        return $kept instanceof Problem
            ? new JsonResponse(ProblemWords::answer([$kept]), 422)
            : new JsonResponse(
                ['passedOver' => self::passedOver($read->passedOver)] + $this->state->of($this->row($kept)),
                201,
            );
    }

    /** Pieces in every state, a form, and headings on every ground. */
    public function pieces(): View
    {
        return view('studio::specimens.pieces', ['title' => 'Specimens']);
    }

    public function cart(MoneyFormat $money): View
    {
        $rows = SpecimenRows::cart();

        return view('shop::specimens.cart', ['title' => 'Specimens', 'rows' => $rows, 'money' => $money]);
    }

    private function nothing(stdClass $row): ?Problem
    {
        return $row->in_use && HouseBook::difference(HouseBook::read($row->draft), HouseBook::read($row->live)) === []
            ? HouseProblem::NothingToPublish->at()
            : null;
    }

    private function row(int $id): stdClass
    {
        return $this->book->find($id) ?? abort(404);
    }

    private function answer(int $id, int $status = 200): JsonResponse
    {
        return new JsonResponse($this->state->of($this->row($id)), $status);
    }
}
