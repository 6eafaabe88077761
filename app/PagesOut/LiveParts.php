<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut;

use LogicException;
use stdClass;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\PlacedParts;
use Vestibra\Core\Templates\TemplateRole;

/**
 * Puts shared parts and a product's own blocks into a tree, as they are live. One query each, and none where there are
 * none. A part that cannot be read is left out and reported.
 */
final class LiveParts
{
    /** @var array<string, Node> trees by number and revision */
    private array $read = [];

    public function __construct(
        private readonly StoredDrafts $stored,
        private readonly Composer $composer,
    ) {
    }

    /** @param  list<int>  $drafts  templates whose drafts are taken instead of what is live */
    public function fill(Node $tree, Subject $subject, array $drafts = []): Node
    {
        return $this->filling($tree, $subject, $drafts)?->fill($tree) ?? $tree;
    }

    /** What is in a holder about another subject. */
    public function fillInside(Node $holder, Subject $subject): Node
    {
        return $this->filling($holder, $subject, [])?->fillInside($holder) ?? $holder;
    }

    /** @param  list<int>  $drafts */
    private function filling(Node $tree, Subject $subject, array $drafts): ?PlacedParts
    {
        $schema = $this->composer->schema;
        $numbers = PlacedParts::parts($tree, $schema);
        $parts = $numbers === [] ? [] : $this->trees(
            Template::query()->toBase()->where('role', TemplateRole::Part)->whereNull('let_go_at')
                ->whereIntegerInRaw('id', $numbers)->get(['id as place', 'templates.*'])->all(),
            $drafts,
        );
        $facts = $subject->kind() !== SubjectKind::Product ? [] : array_values(array_unique(array_merge(
            PlacedParts::facts($tree, $schema),
            ...array_map(static fn (Node $part): array => PlacedParts::facts($part, $schema), array_values($parts)),
        )));
        $own = $facts === [] ? [] : $this->trees(
            Template::query()->toBase()->where('product_id', $subject->id())->whereIntegerInRaw('fact_id', $facts)
                ->get(['fact_id as place', 'templates.*'])->all(),
            $drafts,
        );

        return $parts === [] && $own === [] ? null : new PlacedParts($schema, $parts, $own);
    }

    /**
     * @param  array<stdClass>  $rows
     * @param  list<int>  $drafts
     * @return array<int, Node>
     */
    private function trees(array $rows, array $drafts): array
    {
        $trees = [];
        foreach ($rows as $row) {
            $draft = in_array($row->id, $drafts, true);
            $stored = $draft ? $row->draft_tree : $row->live_tree;
            if ($stored !== null) {
                $key = "$row->id ".($draft ? "draft $row->draft_revision" : "live $row->live_revision");
                try {
                    $trees[$row->place] = $this->read[$key] ??= $this->stored->tree(json_decode($stored, true));
                } catch (LogicException $error) {
                    report($error);
                }
            }
        }

        return $trees;
    }
}
