<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

use Vestibra\Core\Problem;
use Vestibra\Core\Templates\EditProblem;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Schema;
use Vestibra\Core\Templates\TreeProblem;

/**
 * Whether something may be put in a place.
 *
 * @internal
 */
final readonly class PlaceCheck
{
    public static function problem(Node $tree, Schema $schema, string $kind, string $parentId, ?string $after): ?Problem
    {
        $parent = $tree->find($parentId);
        if ($parent === null) {
            return EditProblem::Gone->at($parentId);
        }
        if (! $schema->mayHold($parent->kind, $kind)) {
            return TreeProblem::DoesNotBelong->at($parentId, ['kind' => $kind, 'parent' => $parent->kind]);
        }
        if ($after !== null
            && ! in_array($after, array_map(static fn (Node $child): string => $child->id, $parent->children), true)) {
            return EditProblem::Gone->at($after);
        }

        return null;
    }

    /** The page alone is 1 deep. */
    public static function depth(Node $node): int
    {
        $deepest = 0;
        foreach ($node->children as $child) {
            $deepest = max($deepest, self::depth($child));
        }

        return $deepest + 1;
    }
}
