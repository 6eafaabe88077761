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
 * @api
 */
final readonly class Remove implements Edit
{
    public function __construct(public string $id)
    {
    }

    public static function name(): string
    {
        return 'remove';
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
            [$parent->id],
        );
    }

    public function toArray(): array
    {
        return ['edit' => self::name(), 'id' => $this->id];
    }
}
