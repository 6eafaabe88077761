<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\Problem;
use Vestibra\Core\Templates\Edits\TakenBack;

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
        $places = TakenBack::step($step, $now->tree, $history);
        foreach ($step->inverses as $inverse) {
            $places = $places->next();
            $edit = $inverse->carriedOver($places) ?? $inverse;
            $next = $stepped->and($edit, $this->schema);
            if ($next instanceof Problem && ! in_array($next->code, self::GONE, true)) {
                return $next;
            }
            $places = $next instanceof Problem ? $places : $places->then($edit);
            $stepped = $next instanceof Problem ? $stepped->without($next) : $next;
        }

        return $stepped->edits === [] && $stepped->leftOut !== [] ? EditProblem::UndoImpossible->at() : $stepped;
    }

    /**
     * Whether it would take from somebody what they have set since. Where what the step came to still stands, or what
     * taking it back would come to stands already, it takes nothing from anybody.
     *
     * @param  list<Step>  $others  what others have done since, oldest first
     * @return array{Problem, int}|null what it crosses first, and which of their steps that is
     */
    public static function crossing(Step $step, Draft $now, array $others): ?array
    {
        $disturbed = [];
        foreach ($step->pairs() as [$edit, $inverse]) {
            if ($inverse !== null && ! $edit->stands($now) && ! $inverse->stands($now)) {
                array_unshift($disturbed, $inverse);
            }
        }
        foreach ($others as $at => $theirs) {
            foreach ($disturbed as $inverse) {
                $problem = Conflicts::between($inverse, $theirs, $now->tree);
                if ($problem?->code instanceof ConflictProblem) {
                    return [$problem, $at];
                }
            }
        }

        return null;
    }
}
