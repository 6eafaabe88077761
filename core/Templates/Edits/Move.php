<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

use Vestibra\Core\Problem;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\EditProblem;
use Vestibra\Core\Templates\EditResult;
use Vestibra\Core\Templates\Schema;
use Vestibra\Core\Templates\TreeProblem;
use Vestibra\Core\Templates\TreeReader;

/**
 * Takes a block to another place, with everything in it.
 *
 * @api
 */
final readonly class Move implements Edit
{
    /** @param  string|null  $after null: first in the parent */
    public function __construct(
        public string $id,
        public string $parent,
        public ?string $after,
    ) {
    }

    public static function name(): string
    {
        return 'move';
    }

    public function apply(Draft $draft, Schema $schema): EditResult|Problem
    {
        $node = $draft->tree->find($this->id);
        $from = $draft->tree->parentOf($this->id);
        if ($node === null) {
            return EditProblem::Gone->at($this->id);
        }
        if ($from === null) {
            return EditProblem::NotThePage->at($this->id);
        }
        if ($node->find($this->parent) !== null || $this->after === $this->id) {
            return EditProblem::IntoItself->at($this->id);
        }
        $rest = $draft->tree->without($this->id);
        $problem = PlaceCheck::problem($rest, $schema, $node->kind, $this->parent, $this->after);
        if ($problem !== null) {
            return $problem;
        }
        $tree = $rest->withChild($this->parent, $this->after, $node);
        if (PlaceCheck::depth($tree) > TreeReader::MAX_DEPTH) {
            return TreeProblem::TooDeep->at($this->parent, ['most' => TreeReader::MAX_DEPTH]);
        }

        return new EditResult(
            $draft->withTree($tree),
            new self($this->id, $from->id, $from->before($this->id)),
            array_values(array_unique([$from->id, $this->parent])),
        );
    }

    public function toArray(): array
    {
        return ['edit' => self::name(), 'id' => $this->id, 'parent' => $this->parent, 'after' => $this->after];
    }
}
