<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases;

use DateTimeImmutable;
use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\PagesOut\CartWay;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Releases\Making\AskedByChanges;
use Vestibra\App\Work\Releases\Making\TemplateDeed;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Problem;
use Vestibra\Core\Releases\Changes;
use Vestibra\Core\Releases\TemplateChange;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\PlacedParts;

/** From drafts to a set of changes, with what somebody should say aloud before they go out. */
final readonly class Publish
{
    public function __construct(
        private ReachCounts $counts,
        private StoredDrafts $stored,
        private Composer $composer,
        private CartWay $cart,
        private AskedByChanges $shop,
    ) {
    }

    /**
     * @param  array<int, int>  $revisions  template id => the revision of its draft that was looked at
     * @return Changes|non-empty-list<Problem>
     */
    public function changes(array $revisions): Changes|array
    {
        $changes = $problems = [];
        foreach ($revisions as $id => $revision) {
            $template = Template::query()->findOrFail($id);
            if ($template->let_go_at !== null) {
                $problems[] = ReleaseProblem::TemplateGone->at('', ['name' => $template->name]);
            } elseif ($template->isPage() && $template->pageKind() === null) {
                $problems[] = ReleaseProblem::PublishUnknownKind
                    ->at('', ['name' => $template->name, 'kind' => $template->page_kind]);
            } elseif ($template->draft_revision !== $revision) {
                $problems[] = ReleaseProblem::PublishChangedSince->at('', ['name' => $template->name]);
            } elseif (! $template->isChanged()) {
                $problems[] = ReleaseProblem::PublishNothing->at('', ['name' => $template->name]);
            } else {
                $changes[] = TemplateDeed::publish($template);
            }
        }

        return match (true) {
            $problems !== [] => $problems,
            $changes === [] => [ReleaseProblem::PublishNothing->at('', ['name' => ''])],
            default => Changes::of(...$changes),
        };
    }

    /**
     * What wants a spoken decision: shown on nothing, without something that such pages cannot do without.
     *
     * @return list<Problem> with the path `nothing/3`, by which the decision is spoken
     */
    public function concerns(Changes $changes, ?DateTimeImmutable $at = null): array
    {
        $concerns = [];
        foreach ($changes->templates() as $change) {
            $kind = $change->kind();
            if ($change->after === null || $kind === null) {
                continue;
            }
            $supposed = $changes->supposed($this->shop);
            $missing = [
                'nothing' => ! $this->counts->isShown($kind, $change->template, $supposed, $at),
            ];
            foreach (PageKinds::standard()->get($kind)->essentials() as $essential) {
                $missing[$essential->value] = $essential->wantsDecision() && ! $this->holds($change, $essential);
            }
            $missing[Essential::Cart->value] = $this->cart
                ->lacks($this->stored->tree($change->after['tree']), $kind);
            foreach (array_keys(array_filter($missing)) as $what) {
                $concerns[] = self::without($what)->at("$what/$change->template", ['name' => $change->called]);
            }
        }

        return $concerns;
    }

    private static function without(string $what): ReleaseProblem
    {
        return match (Essential::tryFrom($what)) {
            null => ReleaseProblem::PublishWithoutNothing,
            Essential::Title => ReleaseProblem::PublishWithoutTitle,
            Essential::Price => ReleaseProblem::PublishWithoutPrice,
            Essential::Buy => ReleaseProblem::PublishWithoutBuy,
            Essential::Products => ReleaseProblem::PublishWithoutProducts,
            Essential::Cart => ReleaseProblem::PublishWithoutCart,
        };
    }

    private function holds(TemplateChange $change, Essential $essential): bool
    {
        $tree = $this->stored->tree($change->after['tree'] ?? null);
        foreach ([$tree, ...$this->shared($tree)] as $part) {
            foreach ($part->walk() as $node) {
                if ($this->composer->schema->definition($node->kind)?->essentialOf($node) === $essential
                    && self::isOn($node)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<Node> the kept parts that a tree shares, as they are live */
    private function shared(Node $tree): array
    {
        $trees = Template::query()
            ->toBase()
            ->whereIntegerInRaw('id', PlacedParts::parts($tree, $this->composer->schema))
            ->whereNotNull('live_revision')
            ->pluck('live_tree')
            ->all();

        return array_values(
            array_map(fn (mixed $tree): Node => $this->stored->tree(json_decode((string) $tree, true)), $trees),
        );
    }

    private static function isOn(Node $node): bool
    {
        return ($node->when['off'] ?? false) !== true;
    }
}
