<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

use Vestibra\Core\Problem;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\EditProblem;
use Vestibra\Core\Templates\EditResult;
use Vestibra\Core\Templates\Schema;

/**
 * Takes a block away, with everything in it. The inverse holds it whole.
 *
 * @internal
 */
final readonly class Remove implements Edit
{
    public function __construct(public string $id)
    {
    }

    public static function kind(): EditKind
    {
        return new EditKind('remove', '{block:id} taken out', about: 'id', decides: [], crossing: null);
    }

    /** @return self|non-empty-list<Problem> */
    public static function parse(array $input, EditParts $parts): self|array
    {
        $id = $input['id'] ?? null;

        return is_string($id) ? new self($id) : [EditProblem::NotAnEdit->at()];
    }

    public function apply(Draft $draft, Schema $schema): EditResult|Problem
    {
        $node = $draft->tree->find($this->id);
        $parent = $draft->tree->parentOf($this->id);
        if ($node === null) {
            return EditProblem::Gone->at($this->id);
        }
        if ($parent === null) {
            return EditProblem::NotThePage->at($this->id);
        }

        return new EditResult(
            $draft->withTree($draft->tree->without($this->id)),
            new Insert($node, $parent->id, $parent->before($this->id)),
            new Redraw(arranged: [$parent->id]),
        );
    }

    public function touches(): Touches
    {
        return new Touches(ends: [$this->id]);
    }

    public function stands(Draft $now): bool
    {
        return $now->tree->find($this->id) === null;
    }

    public function carries(Lines $lines): Lines
    {
        return $lines->takeOut($this->id);
    }

    /** What somebody else has taken out already is out. */
    public function carriedOver(Placing $places): ?self
    {
        return $places->has($this->id) ? $this : null;
    }

    public function toArray(): array
    {
        return ['edit' => self::kind()->name, 'id' => $this->id];
    }
}
