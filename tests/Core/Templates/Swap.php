<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use Vestibra\Core\Problem;
use Vestibra\Core\Templates\ConflictProblem;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\EditProblem;
use Vestibra\Core\Templates\EditResult;
use Vestibra\Core\Templates\Edits\EditKind;
use Vestibra\Core\Templates\Edits\EditParts;
use Vestibra\Core\Templates\Edits\Lines;
use Vestibra\Core\Templates\Edits\Placing;
use Vestibra\Core\Templates\Edits\Redraw;
use Vestibra\Core\Templates\Edits\Touches;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Schema;
use Vestibra\Core\Templates\TreeProblem;

/** Another kind of edit, as somebody might add it: two blocks trade places. Nothing else in the project knows of it. */
final readonly class Swap implements Edit
{
    public function __construct(
        public string $one,
        public string $other,
    ) {
    }

    public static function kind(): EditKind
    {
        return new EditKind(
            'swap',
            '{block:one} and {block:other} swapped',
            about: 'one',
            decides: ['place of {one}', 'place of {other}'],
            crossing: ConflictProblem::SamePlace,
        );
    }

    /** @return self|non-empty-list<Problem> */
    public static function parse(array $input, EditParts $parts): self|array
    {
        $one = $input['one'] ?? null;
        $other = $input['other'] ?? null;

        return is_string($one) && is_string($other) ? new self($one, $other) : [EditProblem::NotAnEdit->at()];
    }

    public function apply(Draft $draft, Schema $schema): EditResult|Problem
    {
        $one = $draft->tree->find($this->one);
        $other = $draft->tree->find($this->other);
        $places = [$draft->tree->parentOf($this->one), $draft->tree->parentOf($this->other)];
        if ($one === null || $other === null || $places[0] === null || $places[1] === null) {
            return EditProblem::Gone->at($one === null ? $this->one : $this->other);
        }
        if ($one->find($other->id) !== null || $other->find($one->id) !== null) {
            return EditProblem::IntoItself->at($one->id);
        }
        if (! $schema->mayHold($places[0]->kind, $other->kind) || ! $schema->mayHold($places[1]->kind, $one->kind)) {
            return TreeProblem::DoesNotBelong->at($one->id, ['kind' => $one->kind, 'parent' => $places[1]->kind]);
        }

        return new EditResult(
            $draft->withTree(self::traded($draft->tree, $one, $other)),
            $this,
            new Redraw(arranged: [$places[0]->id, $places[1]->id], moved: [$one->id, $other->id]),
        );
    }

    public function touches(): Touches
    {
        return new Touches(works: [$this->one, $this->other]);
    }

    public function stands(Draft $now): bool
    {
        return false;
    }

    public function carries(Lines $lines): Lines
    {
        return $lines->trade($this->one, $this->other);
    }

    public function carriedOver(Placing $places): self
    {
        return $this;
    }

    public function toArray(): array
    {
        return ['edit' => self::kind()->name, 'one' => $this->one, 'other' => $this->other];
    }

    private static function traded(Node $tree, Node $one, Node $other): Node
    {
        return $tree->withChildren(array_map(static fn (Node $child): Node => match ($child->id) {
            $one->id => $other,
            $other->id => $one,
            default => self::traded($child, $one, $other),
        }, $tree->children));
    }
}
