<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Answers;

use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Reach\Trees\CardPlaces;
use Vestibra\App\Reach\Trees\PartPlaces;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\Fallback;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Words\ReachWords;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\Season;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\TemplateRole;
use Vestibra\Core\Templates\Types\Conditions;

/** Where a draft appears, in words and numbers: the part of its state that has to be counted. */
final readonly class DraftReach
{
    public function __construct(
        private StoredDrafts $stored,
        private ReachCounts $counts,
        private ReachWords $reachWords,
        private CardPlaces $cards,
        private PartPlaces $parts,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Template $template, Reach $reach): array
    {
        if (! $template->isPage()) {
            return [
                'names' => [],
                'sentence' => null,
                'fallback' => false,
                'counts' => null,
                'liveCounts' => null,
                'places' => $this->places($template),
            ]
                + ($template->role === TemplateRole::Card ? ['grids' => $this->cards->grids($template->id)] : []);
        }

        $kind = $template->knownKind();

        return [
            'names' => $names = $this->counts->names($reach),
            'sentence' => $this->reachWords->sentence($reach, $names, $kind),
            'fallback' => Fallback::query()->toBase()->where('template_id', $template->id)->exists(),
            'counts' => $this->counts->numbers($kind, $template->id, $reach),
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
            TemplateRole::OwnBlocks => $this->parts->showing((int) $template->fact_id),
            TemplateRole::Card => array_column($this->cards->of($template->id), 'id'),
            default => array_column($this->parts->ofPart($template->id), 'id'),
        };

        return array_values(Template::query()->whereIntegerInRaw('id', $ids)->oldest('name')->pluck('name')->all());
    }

    /**
     * @return array<string, list<array{what: string, values: string}>> by block: what it appears only where, in words
     */
    public function conditions(Node $tree, PageKind $kind): array
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
}
