<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

use Vestibra\Core\Problem;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\EditProblem;
use Vestibra\Core\Templates\EditResult;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Schema;
use Vestibra\Core\Templates\TreeProblem;
use Vestibra\Core\Templates\TreeReader;

/**
 * Puts a block, with everything in it, behind a neighbour.
 *
 * @internal
 */
final readonly class Insert implements Edit
{
    /** @param  string|null  $after null: first in the parent */
    public function __construct(
        public Node $node,
        public string $parent,
        public ?string $after,
    ) {
    }

    public static function kind(): EditKind
    {
        return new EditKind('insert', '{kind:node} put in', about: 'parent', decides: [], crossing: null);
    }

    /** @return self|non-empty-list<Problem> */
    public static function parse(array $input, EditParts $parts): self|array
    {
        $place = $parts->place($input);
        if ($place === null) {
            return [EditProblem::NotAnEdit->at()];
        }
        $node = $parts->block($input['node'] ?? null);

        return $node instanceof Node ? new self($node, ...$place) : $node;
    }

    public function apply(Draft $draft, Schema $schema): EditResult|Problem
    {
        $problem = PlaceCheck::problem($draft->tree, $schema, $this->node->kind, $this->parent, $this->after);
        if ($problem !== null) {
            return $problem;
        }
        $ids = [];
        foreach ($draft->tree->walk() as $existing) {
            $ids[$existing->id] = true;
        }
        $count = count($ids);
        foreach ($this->node->walk() as $new) {
            if (isset($ids[$new->id])) {
                return EditProblem::ThereAlready->at($new->id);
            }
            $count++;
        }
        if ($count > TreeReader::MAX_NODES) {
            return TreeProblem::TooMany->at($this->parent, ['most' => TreeReader::MAX_NODES]);
        }
        $tree = $draft->tree->withChild($this->parent, $this->after, $this->node);
        if (PlaceCheck::depth($tree) > TreeReader::MAX_DEPTH) {
            return TreeProblem::TooDeep->at($this->parent, ['most' => TreeReader::MAX_DEPTH]);
        }

        return new EditResult(
            $draft->withTree($tree),
            new Remove($this->node->id),
            new Redraw(arranged: [$this->parent], fresh: [$this->node->id]),
        );
    }

    public function touches(): Touches
    {
        return new Touches(into: [$this->parent], brings: [$this->node]);
    }

    public function stands(Draft $now): bool
    {
        return $now->tree->find($this->node->id)?->toArray() == $this->node->toArray();
    }

    public function carries(Lines $lines): Lines
    {
        return $lines->bring($this->node)->put($this->node->id, $this->parent, $this->after);
    }

    public function carriedOver(Placing $places): self
    {
        $after = $places->after($this->node->id, $this->parent, $this->after);

        return $after === $this->after ? $this : new self($this->node, $this->parent, $after);
    }

    public function toArray(): array
    {
        return [
            'edit' => self::kind()->name,
            'node' => $this->node->toArray(),
            'parent' => $this->parent,
            'after' => $this->after,
        ];
    }
}
