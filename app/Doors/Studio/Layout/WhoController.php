<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Layout;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Doors\Studio\Answers\FoundAnswer;
use Vestibra\App\Records\Models\KeptFilter;
use Vestibra\App\Records\Models\Selection;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Work\Finding\FoundPages;
use Vestibra\App\Work\Finding\PastedPages;
use Vestibra\App\Work\Finding\Selections;
use Vestibra\App\Work\Finding\ShortRule;
use Vestibra\Core\Pages\PageKind;

/**
 * Who gets what: which page gets which template; and the selection among the rows of this list and that of products.
 *
 * @shape PastedAnswer array{selection: SelectionState, named: int, found: int, unknown: list<string>,
 *     unknownCount: int}
 */
final readonly class WhoController
{
    /** Rows that are ticked by themselves in one go. */
    private const MOST_TICKED = 1_000;

    private const MOST_PASTED = 2_000_000;

    private const MOST_FILTERS = 40;

    public function __construct(
        private FoundAnswer $answer,
        private Selections $selections,
        private FoundPages $found,
    ) {
    }

    public function index(Request $request): View
    {
        return Screen::show('who', 'Who gets what', $this->answer->data($request, 'who'));
    }

    public function rows(Request $request): JsonResponse
    {
        return new JsonResponse(
            $this->answer->page($request, FoundAnswer::asked($request, FoundAnswer::list($request))),
        );
    }

    /** The selection as it is now, whoever of the same person's windows changed it. */
    public function selection(Request $request): JsonResponse
    {
        return $this->state($this->selectionOf($request));
    }

    /** What the selection is, as a rule says it. */
    public function said(Request $request, ShortRule $rule): JsonResponse
    {
        return new JsonResponse($rule->of($this->selectionOf($request)));
    }

    /** Some pages by number. */
    public function tick(Request $request): JsonResponse
    {
        return $this->state($this->selections->tick(
            $this->selectionOf($request),
            Asked::ids($request, 'ids', self::MOST_TICKED),
            Asked::flag($request, 'on'),
        ));
    }

    /** From one place of the list to another. The pages at its ends are named: where they have moved, nothing is. */
    public function range(Request $request): JsonResponse
    {
        $asks = FoundAnswer::asked($request, FoundAnswer::list($request));
        $from = Asked::number($request, 'from', 0, 0, 10_000_000);
        $to = Asked::number($request, 'to', 0, $from, 10_000_000);
        $ids = $this->found->between($this->answer->filter($asks, $this->kind($request)), $from, $to);
        $ends = Asked::ids($request, 'ends', 2);
        if ($ids === [] || array_diff($ends, [$ids[0], $ids[count($ids) - 1]]) !== []) {
            return new JsonResponse([
                'message' => 'The list has changed meanwhile. Nothing was selected. Look at it as it is now, and '
                    .'choose the rows again.',
            ], 409);
        }

        return $this->state(
            $this->selections->tick($this->selectionOf($request), $ids, Asked::flag($request, 'on')),
        );
    }

    /** All that match, none of them, or all but those that are selected. */
    public function all(Request $request): JsonResponse
    {
        $asks = FoundAnswer::asked($request, FoundAnswer::list($request));
        $filter = $this->answer->filter(['selected' => false] + $asks, $this->kind($request));
        $selection = $this->selectionOf($request);

        return $this->state(match (Asked::text($request, 'how')) {
            'all' => $this->selections->all($selection, $filter, true),
            'none' => $this->selections->all($selection, $filter, false),
            'allBut' => $this->selections->allBut($selection, $filter),
            'nothing' => $this->selections->nothing($selection),
            'undo' => $this->selections->undo($selection),
            default => abort(422),
        });
    }

    /** Stock numbers, bar codes or addresses. */
    public function paste(Request $request, PastedPages $pasted): JsonResponse
    {
        $text = Asked::untrusted($request, 'text');
        if (! is_string($text) || trim($text) === '') {
            return new JsonResponse(
                ['message' => 'There was nothing to find. Paste stock numbers or addresses, one a line.'],
                422,
            );
        }
        if (strlen($text) > self::MOST_PASTED) {
            return new JsonResponse(
                ['message' => 'That is more than is read at once. Nothing was selected; paste it in two halves.'],
                413,
            );
        }
        $found = $pasted->find($this->kind($request), mb_scrub($text));
        $selection = $this->selectionOf($request);
        $selection = $found['ids'] === [] ? $selection : $this->selections->tick($selection, $found['ids'], true);

        return new JsonResponse([
            'selection' => $this->selections->state($selection),
            'found' => count($found['ids']),
        ] + array_diff_key($found, ['ids' => true]));
    }

    /** Keeps a sentence under a name, for everybody; the same name again replaces it. */
    public function keep(Request $request): JsonResponse
    {
        $asks = FoundAnswer::asked($request, FoundAnswer::list($request));
        $name = Asked::text($request, 'name', 60);
        $isNew = KeptFilter::query()->where('list', $asks['list'])->where('page_kind', $asks['kind'])
            ->where('name', $name)
            ->doesntExist();
        $message = match (true) {
            $name === '' => 'A name is missing. Nothing was kept.',
            $isNew && KeptFilter::query()->where('list', $asks['list'])->count() >= self::MOST_FILTERS =>
                'There are 40 kept filters already. Nothing was kept; take one away first.',
            default => null,
        };
        if ($message !== null) {
            return new JsonResponse(['message' => $message], 422);
        }
        KeptFilter::query()->updateOrCreate(
            ['list' => $asks['list'], 'page_kind' => $asks['kind'], 'name' => $name],
            ['filter' => ['selected' => false] + $asks],
        );

        return new JsonResponse(['kept' => FoundAnswer::kept($asks)]);
    }

    public function forget(Request $request, int $filterId): JsonResponse
    {
        $asks = FoundAnswer::asked($request, FoundAnswer::list($request));
        KeptFilter::query()->whereKey($filterId)->delete();

        return new JsonResponse(['kept' => FoundAnswer::kept($asks)]);
    }

    private function kind(Request $request): PageKind
    {
        $asks = FoundAnswer::asked($request, FoundAnswer::list($request));

        return PageAddresses::isPage($asks['kind']) ? PageKind::from($asks['kind']) : abort(422);
    }

    private function selectionOf(Request $request): Selection
    {
        return $this->selections->of(SignedIn::user(), $this->kind($request));
    }

    private function state(Selection $selection): JsonResponse
    {
        return new JsonResponse($this->selections->state($selection));
    }
}
