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
 * @api
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

    public static function name(): string
    {
        return 'insert';
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

        return new EditResult($draft->withTree($tree), new Remove($this->node->id), [$this->parent]);
    }

    public function toArray(): array
    {
        return [
            'edit' => self::name(),
            'node' => $this->node->toArray(),
            'parent' => $this->parent,
            'after' => $this->after,
        ];
    }
}
