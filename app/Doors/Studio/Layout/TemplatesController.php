<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Layout;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Vestibra\App\Doors\Requests\SameTime;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Ground\Problems\TemplateProblem;
use Vestibra\App\PagesOut\CardRoom;
use Vestibra\App\PagesOut\PageMaker;
use Vestibra\App\PagesOut\Whole\PageView;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Pages\Samples;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Records\Models\Fallback;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Words\ReachWords;
use Vestibra\App\Work\Starts\Starts;
use Vestibra\App\Work\Templates\CardBook;
use Vestibra\App\Work\Templates\Deleted;
use Vestibra\App\Work\Templates\KeptParts;
use Vestibra\App\Work\Templates\PageOfItsOwn;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\App\Work\Templates\Unpublished;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Templates\TemplateRole;

/**
 * @shape TemplateRow array{id: int, pageKind: string, known: bool, name: string, note: string, live: bool,
 *     fallback: bool, unpublished: int|null, goesFirst: bool, season: string, counts: Counts|null,
 *     changedBy: string|null, changedAt: string}
 * @shape TemplatesData array{templates: list<TemplateRow>, parts: list<PartRow>, cards: list<CardRow>,
 *     starts: array<string, list<Start>>, deleted: list<DeletedRow>}
 */
final readonly class TemplatesController
{
    public function index(
        ReachCounts $counts,
        Starts $starts,
        KeptParts $parts,
        CardBook $cards,
        Unpublished $changes,
        ReachWords $words,
        KindRulesReader $contests,
    ): View {
        $live = array_replace([], ...array_map($counts->live(...), PageAddresses::kinds()));
        $fallbacks = Fallback::query()->toBase()->pluck('template_id', 'page_kind');
        $templates = Template::query()->with('changer')
            ->where('role', TemplateRole::Page)
            ->where('let_go_at', null)
            ->oldest('hand_order')
            ->get()
            ->sortBy(static fn (Template $one): int =>
                (int) array_search($one->page_kind, [...PageAddresses::names(), $one->page_kind], true))
            ->values();

        return Screen::show('templates', 'Templates', [
            'starts' => array_map($starts->list(...), array_combine(PageAddresses::names(), PageAddresses::kinds()))
                + ['card' => $starts->list(PageKind::Card)],
            'cards' => $cards->overview(),
            'deleted' => Deleted::list(),
            'parts' => $parts->overview(),
            'templates' => $templates->map(static fn (Template $template): array => [
                'known' => $template->pageKind() !== null,
                'id' => $template->id,
                'pageKind' => $template->page_kind,
                'name' => $template->name,
                'note' => $template->note,
                'live' => $template->isLive(),
                'fallback' => ($fallbacks[$template->page_kind] ?? null) === $template->id,
                'unpublished' => $template->pageKind() === null ? null : $changes->unpublished($template),
                'goesFirst' => (bool) (
                    $template->live_reach['goesFirst'] ?? $template->draft_reach['goesFirst'] ?? false
                ),
                'season' => $template->pageKind() === null ? '' : $words->season(
                    $contests->stored($template->live_reach ?? $template->draft_reach, $template->pageKind())->season,
                ),
                'counts' => $live[$template->id] ?? null,
                'changedBy' => $template->changer?->name,
                'changedAt' => $template->changed_at->toIso8601String(),
            ])->all(),
        ]);
    }

    public function store(Request $request, Templates $templates, PagesOfTheShop $pages): JsonResponse
    {
        $given = $request->validate(self::NAME + [
            'start' => ['required_without:copyOf', 'string', 'max:60'],
            'copyOf' => ['integer'],
            'pageKind' => ['required_without:copyOf', Rule::in(PageAddresses::names())],
            'where' => ['sometimes', 'array', 'max:100'],
            'where.*' => ['integer'],
            'picture' => ['sometimes', 'nullable', 'integer', 'exists:pictures,id'],
        ], self::WORDS);
        $template = isset($given['copyOf'])
            ? $templates->copy($given['name'], self::original((int) $given['copyOf']), SignedIn::user())
            : $this->fromStart($templates, $pages, $given);

        return $template instanceof TemplateProblem
            ? new JsonResponse(ProblemWords::answer([$template->at()]), 422)
            : new JsonResponse(['id' => $template->id], 201);
    }

    /** @param  array<string, mixed>  $given */
    private function fromStart(Templates $templates, PagesOfTheShop $pages, array $given): Template|TemplateProblem
    {
        $kind = PageKind::from($given['pageKind']);
        $where = array_values(array_unique(array_map(intval(...), $given['where'] ?? [])));
        $named = $pages->get($kind === PageKind::Product ? PageKind::Category : $kind);
        if (count($named->rows($where)) !== count($where)) {
            return TemplateProblem::UnknownPlace;
        }

        return $templates->begin(
            $given['name'],
            $given['start'],
            SignedIn::user(),
            $kind,
            $where === [] ? new Reach : PageOfItsOwn::where($kind, $where) ?? new Reach,
            isset($given['picture']) ? (int) $given['picture'] : null,
        );
    }

    /** A copy of what one page gets today, for that page alone; from the shop itself it leads to it at once. */
    public function own(Request $request, PageOfItsOwn $own, PagesOfTheShop $pages): JsonResponse|RedirectResponse
    {
        $given = $request->validate([
            'pageKind' => ['required', Rule::in(PageAddresses::names())],
            'subject' => ['required', 'integer'],
        ]);
        $kind = PageKind::from($given['pageKind']);
        $subject = $pages->get($kind)->read((int) $given['subject']) ?? abort(404);
        $template = $own->of($kind, $subject, SignedIn::user());
        if ($template === null) {
            return new JsonResponse(ProblemWords::answer([TemplateProblem::NotNamed->at()]), 422);
        }
        $address = "/studio/templates/$template->id?sample={$subject->id()}";

        return $request->expectsJson()
            ? new JsonResponse(['id' => $template->id, 'address' => $address], 201)
            : new RedirectResponse($address);
    }

    /** A start as it looks with one of the shop's own pages: an ordinary one. */
    public function start(
        string $pageKind,
        string $start,
        Starts $starts,
        Composer $composer,
        Samples $samples,
        PagesOfTheShop $pages,
        PageMaker $maker,
        PageView $view,
        CardRoom $room,
    ): View {
        $kind = PageKind::from($pageKind);
        $tree = $starts->tree($kind, $start, $composer->schema) ?? abort(404);
        if ($kind === PageKind::Card) {
            [$room, $shop] = $room->start($tree) ?? abort(404);

            return $view->look($maker->compose($room, $shop), $shop);
        }
        $subject = $pages->get($kind)->read($samples->best($kind)) ?? abort(404);

        return $view->look($maker->compose($tree, $subject), $subject);
    }

    private static function original(int $id): Template
    {
        $template = Template::query()->where('let_go_at', null)->findOrFail($id);

        return $template->pageKind() === null ? abort(404) : $template;
    }

    public function rename(Request $request, Template $template): JsonResponse
    {
        $given = $request->validate(
            ['name' => ['sometimes', ...self::NAME['name']], 'note' => ['sometimes', 'nullable', 'string', 'max:300']],
            self::WORDS,
        );

        return DB::transaction(static function () use ($request, $template, $given): JsonResponse {
            $template->refresh();
            $values = SameTime::of(
                $request,
                ['name' => $template->name, 'note' => $template->note],
                array_map(strval(...), $given),
            );
            if ($values instanceof JsonResponse) {
                return $values;
            }
            $template->update($values);

            return new JsonResponse(['name' => $template->name, 'note' => $template->note]);
        });
    }

    private const NAME = ['name' => ['required', 'string', 'max:80']];

    private const WORDS = [
        'name.required' => 'Give the template a name, so that you find it again.',
        'note.max' => 'A note can have 300 characters at most. Shorten it a little; the one before was kept.',
        'name.max' => 'A name can have 80 characters at most. Shorten it a little.',
        'picture.exists' => 'That picture is there no more. Nothing was made; choose another one, or none.',
        'where.max' => 'Name 100 at most here. Nothing was made; say the rest under “Where it appears”.',
        'start.required_without' => 'Choose what to begin with.',
        'pageKind.required_without' => 'Say which pages it is for. Nothing was made.',
    ];
}
