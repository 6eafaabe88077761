<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\Problem;
use Vestibra\Core\Templates\Edits\Insert;
use Vestibra\Core\Templates\Edits\Move;

/**
 * Takes a step back on the tree as it is now. What comes back stands beside the nearest of its neighbours that are
 * still there. What somebody has taken out meanwhile has nothing left to take back: those edits are left out, and a
 * step of nothing else is impossible.
 *
 * @api
 */
final readonly class TakingBack
{
    /** What an edit meets when its block, or the place it would come back to, is no longer there. */
    private const GONE = [
        EditProblem::Gone, EditProblem::ThereAlready, TreeProblem::DoesNotBelong, EditProblem::IntoItself,
    ];

    public function __construct(private Schema $schema)
    {
    }

    /**
     * @param  list<Step>  $history  the steps that led to the draft as it is, oldest first, the one taken back among
     *     them; none when nobody else has worked on it since
     * @return Stepped|Problem `undo.impossible` when nothing of the step can be taken back for good; another problem
     *     when it cannot now
     */
    public function of(Step $step, Draft $now, array $history = []): Stepped|Problem
    {
        $stepped = new Stepped($now);
        foreach ($step->inverses as $inverse) {
            $edit = $this->placed($inverse, $stepped->draft->tree, $history);
            $next = $stepped->and($edit, $this->schema);
            if ($next instanceof Problem && ! in_array($next->code, self::GONE, true)) {
                return $next;
            }
            $stepped = $next instanceof Problem ? $stepped->without($next) : $next;
        }

        return $stepped->edits === [] && $stepped->leftOut !== [] ? EditProblem::UndoImpossible->at() : $stepped;
    }

    /** @param  list<Step>  $history */
    private function placed(Edit $inverse, Node $tree, array $history): Edit
    {
        if (! $inverse instanceof Insert && ! $inverse instanceof Move) {
            return $inverse;
        }
        $parent = $tree->find($inverse->parent);
        if ($parent === null) {
            return $inverse;
        }
        $id = $inverse instanceof Insert ? $inverse->node->id : $inverse->id;
        $after = self::neighbour($id, $inverse->after, $parent, $history);

        return match (true) {
            $after === $inverse->after => $inverse,
            $inverse instanceof Insert => new Insert($inverse->node, $inverse->parent, $after),
            default => new Move($inverse->id, $inverse->parent, $after),
        };
    }

    /** @param  list<Step>  $history */
    private static function neighbour(string $id, ?string $after, Node $parent, array $history): ?string
    {
        $stands = static fn (string $one): bool => $parent->parentOf($one) === $parent;
        if ($history === []) {
            return $after === null || $stands($after) ? $after : null;
        }
        $line = BlockOrder::in($parent, $history);
        if ($line->holds($id) && ! $stands($id)) {
            return $line->before($id);
        }
        if ($after === null || $stands($after)) {
            return $after;
        }

        return $line->before($after);
    }
}
