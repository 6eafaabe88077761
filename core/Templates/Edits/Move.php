<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

use Vestibra\Core\Problem;
use Vestibra\Core\Templates\ConflictProblem;
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
 * @internal
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

    public static function kind(): EditKind
    {
        return new EditKind(
            'move',
            '{block:id} moved',
            about: 'id',
            decides: ['place of {id}'],
            crossing: ConflictProblem::SamePlace,
        );
    }

    /** @return self|non-empty-list<Problem> */
    public static function parse(array $input, EditParts $parts): self|array
    {
        $place = $parts->place($input);
        $id = $input['id'] ?? null;

        return $place !== null && is_string($id) ? new self($id, ...$place) : [EditProblem::NotAnEdit->at()];
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
            new Redraw(
                arranged: array_values(array_unique([$from->id, $this->parent])),
                moved: [$this->id],
                movesOnly: true,
            ),
        );
    }

    public function touches(): Touches
    {
        return new Touches(works: [$this->id], into: [$this->parent]);
    }

    public function stands(Draft $now): bool
    {
        $parent = $now->tree->parentOf($this->id);

        return $parent?->id === $this->parent && $parent->before($this->id) === $this->after;
    }

    public function carries(Lines $lines): Lines
    {
        return $lines->put($this->id, $this->parent, $this->after);
    }

    public function carriedOver(Placing $places): self
    {
        $after = $places->after($this->id, $this->parent, $this->after);

        return $after === $this->after ? $this : new self($this->id, $this->parent, $after);
    }

    public function toArray(): array
    {
        return ['edit' => self::kind()->name, 'id' => $this->id, 'parent' => $this->parent, 'after' => $this->after];
    }
}
