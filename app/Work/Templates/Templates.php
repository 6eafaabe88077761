<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Templates;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\Problems\TemplateProblem;
use Vestibra\App\Reach\Pages\AroundChoices;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\Fallback;
use Vestibra\App\Records\Models\Pin;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Starts\Starts;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Templates\Copying;
use Vestibra\Core\Templates\Ids;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\TemplateRole;
use Vestibra\Core\Templates\TreeReader;

/** Makes templates. */
final readonly class Templates
{
    public function __construct(
        private Composer $composer,
        private Starts $starts,
        private StoredDrafts $stored,
        private Ids $ids,
        private AroundChoices $choices,
    ) {
    }

    /** @return Template|null null when there is no such start */
    public function fromStart(string $name, string $start, User $author, PageKind $kind): ?Template
    {
        $made = $this->begin($name, $start, $author, $kind, new Reach);

        return $made instanceof Template ? $made : null;
    }

    /**
     * @param  Reach  $reach  where it appears; the page of a kind that has one page has no say in it
     * @param  int|null  $picture  shown where the page would show that of what it is about
     * @return Template|TemplateProblem where there is no such start, or no place in it for a picture
     */
    public function begin(
        string $name,
        string $start,
        User $author,
        PageKind $kind,
        Reach $reach,
        ?int $picture = null,
    ): Template|TemplateProblem {
        $tree = $this->starts->tree($kind, $start, $this->composer->schema);
        if ($tree === null) {
            return TemplateProblem::UnknownStart;
        }
        $pictured = $picture === null ? $tree : (new OwnPicture($this->composer->schema))->in($tree, $picture);

        return $pictured === null
            ? TemplateProblem::NoPlaceForPicture
            : $this->make($name, $pictured, $author, null, $kind, $reach);
    }

    /** What customers see today, for other pages; right before it, where it wins of as close ones. */
    public function ofToday(string $name, Template $today, Reach $reach, User $author): Template
    {
        $tree = (new Copying($this->ids))->copy($this->stored->tree($today->live_tree ?? $today->draft_tree));

        return $this->make($name, $tree, $author, $today->hand_order - 1, $today->knownKind(), $reach);
    }

    public function fromTree(string $name, Node $tree, User $author, PageKind $kind): Template
    {
        return $this->make($name, (new Copying($this->ids))->copy($tree), $author, null, $kind);
    }

    /** A copy takes over no reach and stands right after its original. */
    public function copy(string $name, Template $original, User $author): Template
    {
        $tree = (new Copying($this->ids))->copy($this->stored->tree($original->draft_tree));

        return $this->make($name, $tree, $author, $original->hand_order, $original->knownKind());
    }

    /** With the ids of the tree as they are. */
    public function card(string $name, Node $tree, User $author): Template
    {
        return $this->make($name, $tree, $author, null, PageKind::Card);
    }

    /** A card that is there at once: it stands nowhere yet. */
    public function live(Template $card): Template
    {
        $card->update([
            'live_tree' => $card->draft_tree,
            'live_reach' => $card->draft_reach,
            'live_revision' => $card->draft_revision,
        ]);

        return $card;
    }

    /** The template that takes what no rule takes, live from the beginning. */
    public function fallback(string $name, Node $tree, ?User $author, PageKind $kind): Template
    {
        $template = $this->make($name, $tree, $author, null, $kind);
        // It claims nothing: what takes a page by any rule comes before it.
        $reach = (new Reach)->toArray();
        $template->update([
            'draft_reach' => $reach,
            'live_tree' => $template->draft_tree,
            'live_reach' => $reach,
            'live_revision' => $template->draft_revision,
        ]);
        Fallback::query()
            ->toBase()
            ->updateOrInsert(['page_kind' => $template->page_kind], ['template_id' => $template->id]);

        return $template;
    }

    /** A kept part, live from the beginning: it stands nowhere yet. */
    public function part(string $name, Node $tree, User $author): Template
    {
        $template = $this->make($name, $tree, $author, null, TemplateRole::Part);

        return $this->live($template);
    }

    /** The blocks that one product has as a fact: those that are there, or an empty stage for them. */
    public function content(int $factId, int $productId, string $name, User $author): Template
    {
        return DB::transaction(function () use ($factId, $productId, $name, $author): Template {
            $template = Template::query()->where('fact_id', $factId)->where('product_id', $productId)->first();
            if ($template === null) {
                $template = $this
                    ->make($name, new Node($this->ids->next(), 'stage'), $author, null, TemplateRole::OwnBlocks);
                $template->update(['fact_id' => $factId, 'product_id' => $productId]);
            }

            return $template;
        });
    }

    /** @return Problem|null why it cannot be deleted; kept releases hold their own copy */
    public function delete(Template $template): ?Problem
    {
        return DB::transaction(function () use ($template): ?Problem {
            $template = Template::query()->findOrFail($template->id);
            $kind = $template->pageKind();
            $choosing = $kind?->standsOnPages() === true ? $this->choices->choosing($kind, $template->id) : [];
            $waiting = Release::query()->where('state', Release::WAITING)->get()
                ->contains(static fn (Release $release): bool =>
                    in_array("template $template->id", $release->change_set->touches(), true));
            $problem = match (true) {
                $template->isLive() => TemplateProblem::Live,
                Pin::query()->toBase()->where('template_id', $template->id)->exists() => TemplateProblem::Pinned,
                $choosing !== [] => TemplateProblem::Chosen,
                $waiting => TemplateProblem::Waits,
                default => null,
            };
            if ($problem === null) {
                $template->update(['let_go_at' => now()]);
            }

            return $problem === null ? null : $problem->at('', [
                'name' => $template->name,
                'places' => implode(
                    ', ',
                    array_map(static fn (string $one): string => "“{$one}”", array_slice($choosing, 0, 5)),
                ),
            ]);
        });
    }

    private function isSingle(PageKind $kind): bool
    {
        return $kind !== PageKind::Card && PageKinds::standard()->get($kind)->subject()->isSingle();
    }

    /** @param  PageKind|TemplateRole  $what  the kind of pages that it lays out, or what else it is */
    private function make(
        string $name,
        Node $tree,
        ?User $author,
        ?int $after,
        PageKind|TemplateRole $what,
        Reach $reach = new Reach,
    ): Template {
        return DB::transaction(function () use ($name, $tree, $author, $after, $what, $reach): Template {
            $kind = $what instanceof PageKind ? $what->value : '';
            $order = $after === null
                ? (int) Template::query()->where('page_kind', $kind)->max('hand_order') + 1
                : $after + 1;
            foreach (Template::query()->where('page_kind', $kind)
                ->where('hand_order', '>=', $order)
                ->latest('hand_order')
                ->get() as $later) {
                $later->update(['hand_order' => $later->hand_order + 1]);
            }

            return Template::query()->create([
                'page_kind' => $kind,
                'role' => match (true) {
                    $what instanceof TemplateRole => $what,
                    $what === PageKind::Card => TemplateRole::Card,
                    default => TemplateRole::Page,
                },
                'name' => $name,
                'hand_order' => $order,
                'draft_tree' => TreeReader::write($tree),
                'draft_reach' => (
                    $what instanceof PageKind && $this->isSingle($what) ? new Reach([Clause::of()]) : $reach
                )->toArray(),
                'draft_revision' => 1,
                'changed_by' => $author?->id,
                'changed_at' => now(),
            ]);
        });
    }
}
