<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Answers;

use Illuminate\Support\Facades\DB;
use stdClass;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\PagesOut\CardRoom;
use Vestibra\App\PagesOut\NamedThings;
use Vestibra\App\PagesOut\PageMaker;
use Vestibra\App\PagesOut\ShopAddresses;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Reach\Trees\CardPlaces;
use Vestibra\App\Reach\Trees\PartPlaces;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Words\ReachWords;
use Vestibra\App\Work\Drafting\CanvasParts;
use Vestibra\App\Work\Drafting\Drafting;
use Vestibra\App\Work\Drafting\StepResult;
use Vestibra\App\Work\Templates\CardBook;
use Vestibra\App\Work\Templates\Unpublished;
use Vestibra\Core\Composing\BlockStyles;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Composing\Visit;
use Vestibra\Core\Fitting\Unreplaced;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\Season;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\TemplateRole;
use Vestibra\Core\Templates\Types\Conditions;

/**
 * How a draft stands, as the drawing table is told.
 *
 * @shape DraftState array{revision: int, tree: TreeNode, reach: Reach, live: bool, liveRevision: int|null,
 *     unpublished: int, undo: string|null, redo: string|null, undoStep: int, redoStep: int, conditions: array<string,
 *     list<Phrase>>, unreplaced: list<string>, names?: Names, sentence?: Sentence|null, fallback?: bool,
 *     counts?: ReachCounts|null, liveCounts?: (Counts&array{season: string})|null, places?: list<string>,
 *     grids?: int|null}
 * @shape EditAnswer DraftState&array{parts: list<CanvasPart>, css: string|null, styles: array<string, string>,
 *     notice: string|null}
 */
final readonly class DraftState
{
    private BlockStyles $blockStyles;

    public function __construct(
        private StoredDrafts $stored,
        private Drafting $drafting,
        private Messages $messages,
        private Unpublished $changes,
        private ReachCounts $counts,
        private PagesOfTheShop $pages,
        private PageMaker $maker,
        private CanvasParts $parts,
        private ReachWords $reachWords,
        private Composer $composer,
        private CardRoom $room,
        private CardPlaces $places,
        private PartPlaces $partPlaces,
        private NamedThings $things,
    ) {
        $this->blockStyles = new BlockStyles($composer->schema, new ShopAddresses);
    }

    /** @return array<string, mixed> */
    public function of(Template $template, bool $withCounts = false, ?Draft $draft = null): array
    {
        $draft ??= $this->stored->draft($template);
        $state = [
            'revision' => $template->draft_revision,
            'tree' => $draft->tree->toArray(),
            'reach' => $draft->reach->toArray(),
            'live' => $template->isLive(),
            'liveRevision' => $template->live_revision,
            'unpublished' => $this->changes->unpublished($template),
            'conditions' => $this->conditions($draft->tree, $template->seenOn()),
            'unreplaced' => array_map(
                static fn (Node $node): string => $node->id,
                Unreplaced::in($draft->tree, $this->composer->schema, $this->messages),
            ),
        ] + $this->drafting->next($template, SignedIn::user());
        if (! $withCounts) {
            return $state;
        }
        if (! $template->isPage()) {
            return $state + [
                'names' => [],
                'sentence' => null,
                'fallback' => false,
                'counts' => null,
                'liveCounts' => null,
                'places' => $this->places($template),
            ]
                + ($template->role === TemplateRole::Card ? ['grids' => $this->places->grids($template->id)] : []);
        }

        $kind = $template->knownKind();

        return $state + [
            'names' => $names = $this->counts->names($draft->reach),
            'sentence' => $this->reachWords->sentence($draft->reach, $names, $kind),
            'fallback' => DB::table('fallbacks')->where('template_id', $template->id)->exists(),
            'counts' => array_diff_key($this->counts->preview($kind, $template->id, $draft->reach), ['pages' => 1]),
            'liveCounts' => $template->isLive() ? $this->liveCounts($template) : null,
        ];
    }

    /** @return array<string, mixed> with the season in words */
    private function liveCounts(Template $template): array
    {
        return $this->counts->live($template->knownKind())[$template->id] + ['season' => $this->reachWords
            ->season($this->stored->live($template)->reach->season ?? Season::always())];
    }

    /** @return list<string> the templates where a kept part, or what a product has as a fact, can be seen */
    private function places(Template $template): array
    {
        $ids = match ($template->role) {
            TemplateRole::OwnBlocks => $this->partPlaces->showing((int) $template->fact_id),
            TemplateRole::Card => array_column($this->places->of($template->id), 'id'),
            default => array_column($this->partPlaces->ofPart($template->id), 'id'),
        };

        return array_values(Template::query()->whereIntegerInRaw('id', $ids)->oldest('name')->pluck('name')->all());
    }

    /**
     * @return array<string, list<array{what: string, values: string}>> by block: what it appears only where, in words
     */
    private function conditions(Node $tree, PageKind $kind): array
    {
        $clauses = [];
        foreach ($tree->walk() as $node) {
            $stored = $node->when['where'] ?? null;
            if (is_array($stored) && $stored !== []) {
                $clauses[$node->id] = Clause::of(...(Conditions::read($stored) ?? []));
            }
        }
        $names = $clauses === [] ? [] : $this->counts->names(new Reach(array_values($clauses)));

        return array_map(fn (Clause $clause): array => array_map(
            fn (Condition $condition): array => $this->reachWords->phrase($condition, $names, $kind),
            $clause->conditions,
        ), $clauses);
    }

    /**
     * With the parts of the canvas that changed.
     *
     * @param  int  $on  for a card: the template of pages on whose canvas it is seen; 0 for its own
     * @return array<string, mixed>
     */
    public function after(StepResult $done, Template $template, int $sampleId, Visit $visit, int $on = 0): array
    {
        if ($template->role === TemplateRole::Card) {
            return $this->afterCard($done, $template, $on, $sampleId, $visit);
        }
        $subject = $this->pages->get($template->seenOn())->read($sampleId);
        if ($subject === null) {
            return $this->of($template, draft: $done->draft)
                + ['parts' => [], 'css' => null, 'styles' => new stdClass, 'notice' => $done->notice];
        }
        $state = $this->of($template, draft: $done->draft) + ['notice' => $done->notice];
        if ($done->stylesOnly && $done->before !== null) {
            return $state + ['parts' => []] + $this->styles($done, null);
        }
        $all = $this->all($done);
        $composed = $this->maker
            ->compose($done->draft->tree, $subject, $visit, explain: true, drafts: CardBook::ids(), styled: $all);

        return $state
            + ['parts' => $this->parts->of($composed, $done)]
            + $this->styles($done, $all ? $composed->css : null);
    }

    /**
     * Whether the canvas needs all styles: it is not known which changed, or some of what is in no tree may have come
     * in.
     */
    private function all(StepResult $done): bool
    {
        return $done->before === null || $this->blockStyles->bringOthers($done->before, $done->draft->tree);
    }

    /**
     * @return array{css: string|null, styles: array<string, string>|stdClass} of the blocks that changed, unless all
     *     are there
     */
    private function styles(StepResult $done, ?string $all): array
    {
        $changed = $all !== null || $done->before === null ? [] : $this->blockStyles->changed(
            $done->before,
            $done->draft->tree,
            fn (Node $block): array => $this->things->of($block)['pictures'],
        );

        return ['css' => $all, 'styles' => $changed === [] ? new stdClass : $changed];
    }

    /**
     * @return array<string, mixed> with every grid on the canvas that shows the card; where nothing but its styles
     *     changed, with those alone
     */
    private function afterCard(StepResult $done, Template $card, int $on, int $sampleId, Visit $visit): array
    {
        $state = $this->of($card, draft: $done->draft) + ['notice' => $done->notice];
        $room = $this->room->of($card, $on, $sampleId);
        if ($room === null) {
            return $state + ['parts' => [], 'css' => null, 'styles' => new stdClass];
        }
        if ($done->stylesOnly && $done->before !== null) {
            return $state + ['parts' => []] + $this->styles($done, null);
        }
        $all = $this->all($done);
        $changed = CanvasParts::changedOn($done);
        $composed = $this->maker
            ->compose(...$room, visit: $visit, explain: true, drafts: CardBook::ids(), only: $changed, styled: $all);

        return $state
            + ['parts' => $this->parts->grids($composed, $done, $changed)]
            + $this->styles($done, $all ? $composed->css : null);
    }
}
