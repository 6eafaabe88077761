<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Answers;

use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Drafting\Drafting;
use Vestibra\App\Work\Templates\Unpublished;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Fitting\Unreplaced;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Sequence;

/**
 * How a draft stands, as the drawing table is told.
 *
 * @shape DraftState array{revision: int, tree: TreeNode, reach: Reach, live: bool, liveRevision: int|null,
 *     unpublished: int, undo: string|null, redo: string|null, undoStep: int, redoStep: int, passedOver: int,
 *     conditions: array<string,
 *     list<Phrase>>, unreplaced: list<string>, names?: Names, sentence?: Sentence|null, fallback?: bool,
 *     counts?: ReachCounts|null, liveCounts?: (Counts&array{season: string})|null, places?: list<string>,
 *     grids?: int|null, sequences: array<string, array{tablet: Sequence, phone: Sequence}>}
 * @shape EditAnswer DraftState&array{parts: list<CanvasPart>, css: string|null, styles: array<string, string>,
 *     notice: string|null}
 */
final readonly class DraftState
{
    public function __construct(
        private StoredDrafts $stored,
        private Drafting $drafting,
        private Messages $messages,
        private Unpublished $changes,
        private Composer $composer,
        private DraftReach $reach,
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
            'conditions' => $this->reach->conditions($draft->tree, $template->seenOn()),
            'sequences' => (object) $this->sequences($draft->tree),
            'unreplaced' => array_map(
                static fn (Node $node): string => $node->id,
                Unreplaced::in($draft->tree, $this->composer->schema, $this->messages),
            ),
        ] + $this->drafting->next($template, SignedIn::user());

        return $withCounts ? $state + $this->reach->of($template, $draft->reach) : $state;
    }

    /** @return array<string, array<string, array<string, mixed>>> of bands with more than one block, by narrow width */
    private function sequences(Node $tree): array
    {
        $schema = $this->composer->schema;
        $sequences = [];
        foreach ($tree->children as $band) {
            $phone = $schema->definition($band->kind)?->own(Question::How, Sequence::SETTING) === null
                ? null
                : Sequence::of($band, Width::Phone, $schema);
            if ($phone !== null && count($phone->seen) > 1) {
                $sequences[$band->id] = [
                    'tablet' => Sequence::of($band, Width::Tablet, $schema)->toArray(),
                    'phone' => $phone->toArray(),
                ];
            }
        }

        return $sequences;
    }
}
