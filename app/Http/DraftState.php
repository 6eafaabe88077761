<?php

declare(strict_types=1);

namespace Vestibra\App\Http;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Catalogue\ProductReader;
use Vestibra\App\Models\Template;
use Vestibra\App\Reach\ReachCounts;
use Vestibra\App\Rendering\CanvasParts;
use Vestibra\App\Rendering\ProductPage;
use Vestibra\App\Templates\Changes;
use Vestibra\App\Templates\Drafted;
use Vestibra\App\Templates\Drafting;
use Vestibra\App\Templates\PartPlaces;
use Vestibra\App\Templates\StoredDrafts;
use Vestibra\App\Words\ReachWords;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Fitting\Unreplaced;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\Season;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Types\Conditions;

/** How a draft stands, as the drawing table is told. */
final readonly class DraftState
{
    public function __construct(
        private StoredDrafts $stored,
        private Drafting $drafting,
        private Changes $changes,
        private ReachCounts $counts,
        private ProductReader $products,
        private ProductPage $page,
        private CanvasParts $parts,
        private ReachWords $reachWords,
        private Composer $composer,
    ) {
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
            'conditions' => $this->conditions($draft->tree),
            'unreplaced' => array_map(static fn (Node $node): string => $node->id, Unreplaced::in($draft->tree, $this->composer->schema)),
        ] + $this->drafting->next($template, SignedIn::user());
        if (! $withCounts) {
            return $state;
        }
        if (! $template->isPage()) {
            return $state + ['names' => [], 'sentence' => '', 'fallback' => false, 'counts' => null, 'liveCounts' => null, 'places' => $this->places($template)];
        }

        return $state + [
            'names' => $names = $this->counts->names($draft->reach),
            'sentence' => $this->reachWords->sentence($draft->reach, $names),
            'fallback' => DB::table('fallbacks')->where('template_id', $template->id)->exists(),
            'counts' => array_diff_key($this->counts->preview($template->id, $draft->reach), ['products' => 1]),
            'liveCounts' => $template->isLive() ? $this->liveCounts($template) : null,
        ];
    }

    /** @return array<string, mixed> with the season in words */
    private function liveCounts(Template $template): array
    {
        return $this->counts->live()[$template->id] + ['season' => $this->reachWords->season($this->stored->live($template)->reach->season ?? Season::always())];
    }

    /** @return list<string> the templates where a kept part, or what a product has as a fact, can be seen */
    private function places(Template $template): array
    {
        $ids = $template->page_kind === Template::CONTENT ? PartPlaces::showing((int) $template->fact_id) : array_column(PartPlaces::ofPart($template->id), 'id');

        return array_values(Template::query()->whereIntegerInRaw('id', $ids)->oldest('name')->pluck('name')->all());
    }

    /** @return array<string, list<array{what: string, values: string}>> by block: what it appears only where, in words */
    private function conditions(Node $tree): array
    {
        $clauses = [];
        foreach ($tree->walk() as $node) {
            $stored = $node->when['product'] ?? null;
            if (is_array($stored) && $stored !== []) {
                $clauses[$node->id] = Clause::of(...(Conditions::read($stored) ?? []));
            }
        }
        $names = $clauses === [] ? [] : $this->counts->names(new Reach(array_values($clauses)));

        return array_map(fn (Clause $clause): array => array_map(
            fn (Condition $condition): array => $this->reachWords->phrase($condition, $names),
            $clause->conditions,
        ), $clauses);
    }

    /**
     * With the parts of the canvas that changed.
     *
     * @param  array<int, int>  $wishes
     * @return array<string, mixed>
     */
    public function after(Drafted $done, Template $template, int $sampleId, array $wishes): array
    {
        $product = $this->products->byId($sampleId);
        if ($product === null) {
            return $this->of($template, draft: $done->draft) + ['parts' => [], 'css' => null, 'notice' => $done->notice];
        }
        $composed = $this->page->compose($done->draft->tree, $product, $wishes, explain: true);

        return $this->of($template, draft: $done->draft) + [
            'parts' => $this->parts->of($composed, $done),
            'css' => $composed->css,
            'notice' => $done->notice,
        ];
    }
}
