<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\Problem;
use Vestibra\Core\Templates\Edits\Insert;
use Vestibra\Core\Templates\Edits\Move;
use Vestibra\Core\Templates\Edits\Remove;
use Vestibra\Core\Templates\Edits\Replace;
use Vestibra\Core\Templates\Edits\SetReach;
use Vestibra\Core\Templates\Edits\SetValue;

/**
 * Whether an edit made on an older revision crosses what somebody else has done since. The unit of conflict is one
 * setting of one block (with its width); the place of a block and the reach are one setting each. Two people may style
 * the same block.
 *
 * @api
 */
final readonly class Conflicts
{
    /**
     * @param  list<Edit>  $since  what others have done since the revision it was made on
     * @param  Node  $tree  as it is now
     * @return Problem|null with the path of the block, and the setting where it is one
     */
    public static function between(Edit $mine, array $since, Node $tree): ?Problem
    {
        foreach ($since as $theirs) {
            $problem = self::pair($mine, $theirs, $tree);
            if ($problem !== null) {
                return $problem;
            }
        }

        return null;
    }

    /**
     * Whether what an edit came to is still so: nobody has changed it since, or whoever did has taken it back. Taking
     * it back then takes nothing from anybody.
     */
    public static function stands(Edit $edit, Draft $now): bool
    {
        return match (true) {
            $edit instanceof SetValue => $now->tree->find($edit->id)?->value(
                $edit->question,
                $edit->width->value,
                $edit->setting,
            ) === $edit->value,
            $edit instanceof Move => ($parent = $now->tree->parentOf($edit->id))?->id === $edit->parent
                && $parent->before($edit->id) === $edit->after,
            $edit instanceof Insert => $now->tree->find($edit->node->id)?->toArray() == $edit->node->toArray(),
            $edit instanceof SetReach => $now->reach->toArray() == $edit->reach->toArray(),
            $edit instanceof Replace => $now->tree->toArray() == $edit->tree->toArray()
                && $now->reach->toArray() == $edit->reach->toArray(),
            default => false,
        };
    }

    private static function pair(Edit $mine, Edit $theirs, Node $tree): ?Problem
    {
        return match (true) {
            $mine instanceof Replace, $theirs instanceof Replace => ConflictProblem::Replaced->at(),
            $mine instanceof SetValue && $theirs instanceof SetValue && $mine->sameSetting(
                $theirs,
            ) && $mine->value !== $theirs->value => ConflictProblem::SameSetting->at(
                $mine->id,
                ['setting' => $mine->setting, 'question' => $mine->question->value],
            ),
            $mine instanceof SetReach && $theirs instanceof SetReach => ConflictProblem::Reach->at(),
            $mine instanceof Move && $theirs instanceof Move && $mine->id === $theirs->id =>
                ConflictProblem::SamePlace->at($mine->id),
            $mine instanceof Remove && self::worksInside($theirs, $mine->id, $tree) =>
                ConflictProblem::RemovesNewer->at($mine->id),
            default => null,
        };
    }

    /** Whether an edit has touched a block or something in it. */
    private static function worksInside(Edit $edit, string $id, Node $tree): bool
    {
        $block = $tree->find($id);
        $touched = match (true) {
            $edit instanceof SetValue, $edit instanceof Move => $edit->id,
            $edit instanceof Insert => $edit->node->id,
            default => null,
        };

        return $touched !== null && $block?->find($touched) !== null;
    }
}
