<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Catalogue;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SameTime;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Ground\Problems\FactProblem;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Sheets\FactList;
use Vestibra\App\Work\Sheets\FactSheet;
use Vestibra\Core\Problem;

/** Facts: defined, grouped and ordered, and filled for one product or many. */
final readonly class FactsController
{
    private const MOST_TEXT = 20_000;

    public function __construct(
        private FactList $list,
        private FactSheet $sheet,
    ) {
    }

    public function index(Request $request): View
    {
        $query = $this->query($request);

        return Screen::show(
            'facts',
            'Facts',
            ['facts' => $this->list->all(), 'query' => $query, ...$this->sheet->page($query, 1)],
        );
    }

    public function rows(Request $request): JsonResponse
    {
        return new JsonResponse($this->sheet->page($this->query($request), Asked::page($request)));
    }

    public function store(Request $request): JsonResponse
    {
        $made = $this->list->define($this->given($request));

        return $made instanceof Problem
            ? $this->refused($made)
            : new JsonResponse(['id' => $made, 'facts' => $this->list->all()], 201);
    }

    public function change(Request $request, int $fact): JsonResponse
    {
        $given = $this->given($request);

        return DB::transaction(function () use ($request, $fact, $given): JsonResponse {
            $now = array_column($this->list->all(), null, 'id')[$fact] ?? null;
            if ($now === null) {
                return $this->refused(FactProblem::Gone->at(), 404);
            }
            $values = SameTime::of(
                $request,
                $now,
                array_intersect_key($given, ['name' => 1, 'unit' => 1, 'choices' => 1, 'group' => 1]),
            );
            if ($values instanceof JsonResponse) {
                return $values;
            }
            /** @var array{name: string, unit: string, choices: list<string>, group: string} $values */
            $problem = $this->list->change($fact, $values + $given);

            return $problem === null ? new JsonResponse(['facts' => $this->list->all()]) : $this->refused($problem);
        });
    }

    public function order(Request $request): JsonResponse
    {
        $given = $request
            ->validate(['ids' => ['required', 'array', 'max:'.FactList::MOST], 'ids.*' => ['integer', 'distinct']]);
        $ids = array_values(array_map(intval(...), $given['ids']));

        return DB::transaction(function () use ($request, $ids): JsonResponse {
            $values = SameTime::of($request, ['ids' => array_column($this->list->all(), 'id')], ['ids' => $ids]);
            if ($values instanceof JsonResponse) {
                return $values->setData((array) $values->getData(true) + ['facts' => $this->list->all()]);
            }
            $this->list->order($ids);

            return new JsonResponse(['facts' => $this->list->all()]);
        });
    }

    public function uses(int $fact): JsonResponse
    {
        return new JsonResponse($this->list->uses($fact));
    }

    public function delete(int $fact): JsonResponse
    {
        $this->list->delete($fact);

        return new JsonResponse(['facts' => $this->list->all()]);
    }

    public function fill(Request $request): JsonResponse
    {
        $given = $request->validate([
            'changes' => ['required', 'array', 'max:'.FactSheet::MOST_CHANGES],
            'changes.*.product' => ['required', 'integer', 'exists:products,id'],
            'changes.*.fact' => ['required', 'integer'],
            'changes.*.written' => ['present', 'array', 'max:50'],
            'changes.*.written.*' => ['string', 'max:'.self::MOST_TEXT],
            'changes.*.before' => ['present', 'array', 'max:50'],
            'changes.*.before.*' => ['string', 'max:'.self::MOST_TEXT],
        ],
            [
                'changes.max' =>
                    'That is too much at once: at most 5,000 fields. Nothing was changed; paste it in parts.',
            ]);
        $changes = array_values(array_map(static fn (array $one): array => [
            'product' => (int) $one['product'],
            'fact' => (int) $one['fact'],
            'written' => array_values(
                array_filter(array_map(trim(...), $one['written']), static fn (string $text): bool => $text !== ''),
            ),
            'before' => array_values($one['before']),
        ], $given['changes']));
        $done = $this->sheet->fill($changes, SignedIn::user());
        if (isset($done['wrong'])) {
            $more = count($done['wrong']) - 1;

            return new JsonResponse(
                [
                    'message' =>
                        $done['wrong'][0]['message'].($more > 0 ? " And $more more." : '').' Nothing was changed.',
                    'wrong' => $done['wrong'],
                ],
                422,
            );
        }
        if (isset($done['crossed'])) {
            return new JsonResponse(
                [
                    'message' => 'Somebody else has changed this meanwhile. Nothing was overwritten; what stands '
                        .'there now is shown.',
                    'crossed' => $done['crossed'],
                ],
                409,
            );
        }

        return new JsonResponse($done);
    }

    /** @return array{name: string, kind: string, unit: string, decimals: int, choices: list<string>, group: string} */
    private function given(Request $request): array
    {
        $given = $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'kind' => ['required', 'string', 'max:20'],
            'unit' => ['nullable', 'string', 'max:20'],
            'decimals' => ['nullable', 'integer', 'min:0', 'max:6'],
            'choices' => ['nullable', 'array', 'max:100'],
            'choices.*' => ['string', 'max:100'],
            'group' => ['nullable', 'string', 'max:60'],
        ],
            [
                'name.required' => 'Give the fact a name, as “Drying time”.',
                'name.max' => 'A name can have 80 characters at most.',
            ]);

        return [
            'name' => $given['name'],
            'kind' => $given['kind'],
            'unit' => $given['unit'] ?? '',
            'decimals' => (int) ($given['decimals'] ?? 0),
            'choices' => array_values(
                array_filter($given['choices'] ?? [], static fn (string $one): bool => trim($one) !== ''),
            ),
            'group' => $given['group'] ?? '',
        ];
    }

    private function query(Request $request): string
    {
        return Asked::text($request, 'q');
    }

    private function refused(Problem $problem, int $status = 422): JsonResponse
    {
        return new JsonResponse(ProblemWords::answer([$problem]), $status);
    }
}
