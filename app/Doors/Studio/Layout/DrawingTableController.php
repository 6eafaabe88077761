<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Layout;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Doors\Requests\Visits;
use Vestibra\App\Doors\Studio\Answers\DraftState;
use Vestibra\App\Doors\Studio\Answers\RuleTerms;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\PagesOut\CardRoom;
use Vestibra\App\PagesOut\PageMaker;
use Vestibra\App\PagesOut\Whole\PageView;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Pages\Samples;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Models\Catalogue\Option;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Style\HouseBook;
use Vestibra\App\Work\Drafting\DraftSources;
use Vestibra\App\Work\Starts\Starts;
use Vestibra\App\Work\Templates\CardBook;
use Vestibra\App\Work\Templates\KeptParts;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\CompiledReach;
use Vestibra\Core\Reach\Season;
use Vestibra\Core\Styling\StyleGroup;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Source;
use Vestibra\Core\Templates\Styles\StyleProperties;
use Vestibra\Core\Templates\Styles\StyleProperty;
use Vestibra\Core\Templates\TemplateRole;
use Vestibra\Core\Templates\Types\Conditions;

/**
 * @shape TableData array{template: array{id: int, name: string, role: 'page'|'card'|'part'|'own-blocks',
 *     pageKind: PageKind, productId: int|null}, state: DraftState, samples: SamplePage, sample: Sample|null,
 *     definitions: list<Definition>, styles: list<StyleProperty>, styleGroups: array<StyleGroupName, string>,
 *     house: array<string, string>, parts: list<KeptPart>, starts: list<Start>, sources: list<array{name: string,
 *     of: int|null, words: string, gives: string}>, fields: list<Field>, whenFields: list<string>,
 *     facts: list<TableFact>, currency: array{code: string, digits: int}, options: list<array{id: int, name: string}>,
 *     cards: list<CardOption>, cardStarts: list<Start>, around: array{header: list<AroundOption>,
 *     footer: list<AroundOption>}}
 * @shape AroundOption array{id: int, name: string, live: bool}
 * @shape Drawing array{template: array{id: int, name: string, role: 'page'|'card'|'part'|'own-blocks',
 *     pageKind: PageKind, productId: int|null}, state: DraftState, starts: list<Start>,
 *     sources: list<array{name: string, of: int|null, words: string, gives: string}>, fields: list<Field>,
 *     whenFields: list<string>, facts: list<TableFact>, currency: array{code: string, digits: int}}
 */
final readonly class DrawingTableController
{
    /** More than a list to choose from takes. */
    private const OPTIONS = 300;

    public function __construct(
        private StoredDrafts $stored,
        private Composer $composer,
        private PagesOfTheShop $pages,
        private Messages $messages,
        private DraftState $state,
        private FactBook $facts,
        private RuleTerms $terms,
        private Starts $starts,
    ) {
    }

    public function show(
        Request $request,
        Template $template,
        Samples $samples,
        KeptParts $parts,
        CardBook $cards,
    ): View {
        $kind = $this->kind($template);
        $asked = Asked::id($request, 'sample');
        // Before the samples, which are found among the pages that were counted.
        $drawn = $this->drawn($template);

        return Screen::show('drawing-table', $template->name, [
            'samples' => $samples->page(
                $kind,
                $samples->compiled($kind, $this->stored->draft($template)->reach),
                '',
                1,
                self::only($template),
            ),
            'sample' => $asked > 0 && $template->product_id === null
                ? $samples->withFlags($kind, [$asked])[0] ?? null
                : null,
            'definitions' => array_map($this->definition(...), $this->composer->schema->all()),
            'styles' => array_map(
                static fn (StyleProperty $property): array => $property->describe(),
                array_values(StyleProperties::all()),
            ),
            'styleGroups' => array_combine(
                array_column(StyleGroup::cases(), 'value'),
                array_map(static fn (StyleGroup $group): string => $group->label(), StyleGroup::cases()),
            ),
            'house' => HouseBook::live()->shown(),
            'parts' => $parts->all(),
            'options' => array_map(
                static fn (object $row): array =>
                    ['id' => (int) ($row->id ?? 0), 'name' => (string) ($row->name ?? '')],
                Option::query()->inOrder()->toBase()->limit(self::OPTIONS)->get(['id', 'name'])->all(),
            ),
            'cards' => $cards->all(),
            'cardStarts' => array_values(array_filter(
                $this->starts->list(PageKind::Card),
                static fn (array $start): bool => $start['name'] !== 'blank',
            )),
            'around' => ['header' => self::around(PageKind::Header), 'footer' => self::around(PageKind::Footer)],
        ] + $drawn);
    }

    /** @return list<array{id: int, name: string, live: bool}> the headers or footers that a page may choose */
    private static function around(PageKind $kind): array
    {
        return array_values(array_map(
            static fn (object $row): array => [
                'id' => (int) ($row->id ?? 0),
                'name' => (string) ($row->name ?? ''),
                'live' => isset($row->live_revision),
            ],
            Template::query()->toBase()->where('page_kind', $kind->value)->whereNull('let_go_at')->orderBy(
                'hand_order',
            )->limit(self::OPTIONS)->get(['id', 'name', 'live_revision'])->all(),
        ));
    }

    /** What somebody needs to work on a card where it stands on a page. */
    public function card(Template $template): JsonResponse
    {
        return $template->role === TemplateRole::Card && $template->let_go_at === null
            ? new JsonResponse($this->drawn($template))
            : abort(404);
    }

    /** @return array<string, mixed> the draft, and what its settings may take */
    private function drawn(Template $template): array
    {
        $kind = $this->kind($template);

        return [
            'template' => [
                'id' => $template->id,
                'name' => $template->name,
                'role' => $template->role->value,
                'pageKind' => $kind->value,
                'productId' => $template->product_id,
            ],
            'state' => $this->state->of($template, withCounts: true),
            'starts' => array_values(array_filter(
                $this->starts->list($template->exchangeKind() ?? $kind),
                static fn (array $start): bool => $start['name'] !== 'blank',
            )),
            'sources' => DraftSources::of($kind, $this->facts->all()),
            'whenFields' => Conditions::fields($kind),
        ] + $this->terms->of($kind);
    }

    public function canvas(
        Request $request,
        Template $template,
        int $subjectId,
        PageMaker $maker,
        PageView $view,
        CardRoom $room,
    ): View {
        [$tree, $subject] = $template->role === TemplateRole::Card
            ? $room->of($template, 0, $subjectId) ?? abort(404)
            : [
                $this->stored->tree($template->draft_tree),
                $this->pages->get($this->kind($template))->read($subjectId) ?? abort(404),
            ];

        $visit = Visits::from($request);

        return $view->canvas(
            $maker->compose($tree, $subject, $visit, explain: true, drafts: CardBook::ids()),
            $subject,
            $visit,
        );
    }

    /** What it is looked at with: its own kind of pages, and products where it stands on pages. */
    private function kind(Template $template): PageKind
    {
        if ($template->let_go_at !== null) {
            abort(404);
        }

        return $template->isPage() ? $template->knownKind() : $template->seenOn();
    }

    public function samples(Request $request, Template $template, Samples $samples): JsonResponse
    {
        $kind = $this->kind($template);
        $query = Asked::text($request, 'q');
        $reach = $query === ''
            ? $samples->compiled($kind, $this->stored->draft($template)->reach)
            : new CompiledReach([], [], Season::always());

        return new JsonResponse($samples->page(
            $kind,
            $reach,
            $query,
            Asked::page($request),
            $this->lacking($kind, $request) ?? self::only($template),
        ));
    }

    /** How many of the pages in reach have nothing to give where a source is asked. */
    public function missing(Request $request, Template $template, Samples $samples): JsonResponse
    {
        $kind = $this->kind($template);
        $lacking = $this->lacking($kind, $request);
        $reach = $samples->compiled($kind, $this->stored->draft($template)->reach);

        return new JsonResponse([
            'missing' => $lacking === null ? 0 : $samples->count($kind, $reach, $lacking),
            'of' => $samples->count($kind, $reach),
        ]);
    }

    /** A product's own blocks are seen with that product alone. */
    private static function only(Template $template): ?Sql
    {
        return $template->product_id === null ? null : new Sql('p.id = ?', [$template->product_id]);
    }

    private function lacking(PageKind $kind, Request $request): ?Sql
    {
        $source = Source::tryFrom(Asked::text($request, 'lacking'));

        return $source === null ? null : $this->pages->get($kind)->lacking($source, Asked::id($request, 'of'));
    }

    /** @return array<string, mixed> */
    private function definition(Definition $definition): array
    {
        $folder = str_replace(' ', '', ucwords(str_replace('-', ' ', $definition->kind)));

        return $definition->describe($this->messages)
            + ['drawing' => (string) file_get_contents(base_path("blocks/$folder/drawing.svg"))];
    }
}
