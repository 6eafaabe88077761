<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

use Vestibra\Core\Problem;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Templates\ConflictProblem;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\EditResult;
use Vestibra\Core\Templates\Schema;

/**
 * Says anew where the template is to appear.
 *
 * @internal
 */
final readonly class SetReach implements Edit
{
    public function __construct(public Reach $reach)
    {
    }

    public static function kind(): EditKind
    {
        return new EditKind(
            'reach',
            'Where it appears',
            about: null,
            decides: ['reach'],
            crossing: ConflictProblem::Reach,
        );
    }

    /** @return self|non-empty-list<Problem> */
    public static function parse(array $input, EditParts $parts): self|array
    {
        $reach = $parts->reach($input['reach'] ?? null);

        return is_array($reach) ? $reach : new self($reach);
    }

    public function apply(Draft $draft, Schema $schema): EditResult
    {
        return new EditResult(new Draft($draft->tree, $this->reach), new self($draft->reach), new Redraw);
    }

    public function touches(): Touches
    {
        return new Touches;
    }

    public function stands(Draft $now): bool
    {
        return $now->reach->toArray() == $this->reach->toArray();
    }

    public function carries(Lines $lines): Lines
    {
        return $lines;
    }

    public function carriedOver(Placing $places): self
    {
        return $this;
    }

    public function toArray(): array
    {
        return ['edit' => self::kind()->name, 'reach' => $this->reach->toArray()];
    }
}
