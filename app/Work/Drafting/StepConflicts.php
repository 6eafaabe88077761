<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Drafting;

use Vestibra\App\Records\Models\DraftStep;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\Core\Problem;
use Vestibra\Core\Templates\Conflicts;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\EditReader;
use Vestibra\Core\Templates\Step;

/** Finds whether a step crosses what others, or the same person in another window, have done since. */
final readonly class StepConflicts
{
    public function __construct(private EditReader $reader)
    {
    }

    /** @param  list<Edit>  $edits */
    public function problem(Template $template, User $user, array $edits, StepAttempt $attempt, Draft $draft): ?Problem
    {
        if ($attempt->base === null || $attempt->knowingly || $attempt->base >= $template->draft_revision) {
            return null;
        }

        return $this->since($template, $user, $attempt->base, $attempt->window, $edits, $draft);
    }

    /** Whether taking a step back would take away what somebody else has set since. */
    public function undoProblem(Template $template, User $user, DraftStep $stored, Step $step, Draft $now): ?Problem
    {
        $disturbed = [];
        foreach (array_reverse($step->edits) as $at => $edit) {
            if (isset($step->inverses[$at])
                && ! Conflicts::stands($edit, $now)
                && ! Conflicts::stands($step->inverses[$at], $now)) {
                $disturbed[] = $step->inverses[$at];
            }
        }

        return $disturbed === []
            ? null
            : $this->since($template, $user, $stored->revision, null, $disturbed, $now, true);
    }

    /** @param  list<Edit>  $edits */
    private function since(
        Template $template,
        User $user,
        int $base,
        ?string $window,
        array $edits,
        Draft $draft,
        bool $othersOnly = false,
    ): ?Problem {
        $steps = DraftStep::query()->where('template_id', $template->id)->where('revision', '>', $base)
            ->when($othersOnly, static fn ($query) => $query->where('user_id', '!=', $user->id))
            ->when(! $othersOnly, static fn ($query) => $query->where(
                static fn ($other) => $other->where('user_id', '!=', $user->id)->orWhere('window', '!=', $window ?? ''),
            ))
            ->with('user')->oldest('id')->get();
        foreach ($steps as $step) {
            $theirs = $this->read($step);
            foreach ($edits as $edit) {
                $problem = Conflicts::between($edit, $theirs, $draft->tree);
                if ($problem !== null) {
                    return $problem->code->at(
                        $problem->path,
                        $problem->values + [
                            'name' => $step->user_id === $user->id
                                ? 'You, in another window,'
                                : $step->user->name ?? 'Somebody',
                        ],
                    );
                }
            }
        }

        return null;
    }

    /** @return list<Edit> */
    private function read(DraftStep $step): array
    {
        $edits = [];
        foreach ($step->edits as $stored) {
            $edit = $this->reader->parse($stored, $step->format);
            if ($edit instanceof Edit) {
                $edits[] = $edit;
            }
        }

        return $edits;
    }
}
