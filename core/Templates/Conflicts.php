<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\Problem;
use Vestibra\Core\Templates\Edits\Touches;

/**
 * Whether an edit made on an older revision crosses what somebody else has done since, from what both say of
 * themselves. The unit of conflict is one setting of one block (with its width); the place of a block and the reach are
 * one setting each. Two people may style the same block. Two edits that do not cross come to the same tree in either
 * order.
 *
 * @api
 */
final readonly class Conflicts
{
    /**
     * @param  Step  $theirs  what somebody else has done since the revision that mine was made on
     * @param  Node  $tree  as it is now
     * @return Problem|null with the path of the block, and the setting where it is one
     */
    public static function between(Edit $mine, Step $theirs, Node $tree): ?Problem
    {
        foreach ($theirs->pairs() as [$edit, $inverse]) {
            $problem = self::pair($mine, $edit, $inverse?->touches() ?? new Touches, $tree);
            if ($problem !== null) {
                return $problem;
            }
        }

        return null;
    }

    /** @param  Touches  $back  of what takes theirs back */
    private static function pair(Edit $mine, Edit $theirs, Touches $back, Node $tree): ?Problem
    {
        $own = $mine->touches();
        $other = $theirs->touches();
        if ($own->everything || $other->everything) {
            return ConflictProblem::Replaced->at();
        }

        return self::decidedTwice($mine, $theirs)
            ?? self::gone($own, $other, $back, $tree)
            ?? self::takenOut($own, $other, $back, $tree)
            ?? self::intoEachOther($own, $other, $tree);
    }

    private static function decidedTwice(Edit $mine, Edit $theirs): ?Problem
    {
        $edit = $mine->toArray();
        $other = $theirs->toArray();
        $both = array_intersect_key($mine::kind()->decided($edit), $theirs::kind()->decided($other));
        if ($both === [] || $edit === $other) {
            return null;
        }

        return $mine::kind()->crossing?->at(
            reset($both),
            array_filter(array_intersect_key($edit, ['setting' => 0, 'question' => 0]), is_string(...)),
        );
    }

    /** They have taken out what mine works on, or put in the same. */
    private static function gone(Touches $own, Touches $other, Touches $back, Node $tree): ?Problem
    {
        foreach ([...$own->works, ...$own->into] as $id) {
            if ($back->bringsBlock($id) && $tree->find($id) === null) {
                return EditProblem::Gone->at($id);
            }
        }
        foreach ($own->brings as $node) {
            if ($other->bringsBlock($node->id)) {
                return EditProblem::ThereAlready->at($node->id);
            }
        }

        return null;
    }

    /** Mine takes out what they have worked on, put in, or taken somewhere else. */
    private static function takenOut(Touches $own, Touches $other, Touches $back, Node $tree): ?Problem
    {
        $from = $other->ends === [] ? $back->into : [];
        foreach ($own->ends as $id) {
            $block = $tree->find($id);
            foreach ([...$other->works, ...self::roots($other), ...$from] as $worked) {
                if ($block?->find($worked) !== null) {
                    return ConflictProblem::RemovesNewer->at($id);
                }
            }
        }

        return null;
    }

    /** Of the blocks that mine arranges, they have put one into the other. */
    private static function intoEachOther(Touches $own, Touches $other, Node $tree): ?Problem
    {
        foreach ($own->works as $id) {
            $block = $tree->find($id);
            foreach (array_diff([...$own->works, ...$own->into], [$id]) as $inner) {
                foreach ($block?->find($inner) === null ? [] : [...$other->works, ...self::roots($other)] as $put) {
                    if ($block?->find($put)?->find($inner) !== null) {
                        return ConflictProblem::SamePlace->at($id);
                    }
                }
            }
        }

        return null;
    }

    /** @return list<string> */
    private static function roots(Touches $touches): array
    {
        return array_map(static fn (Node $node): string => $node->id, $touches->brings);
    }
}
