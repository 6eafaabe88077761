<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Drafting;

use Vestibra\App\Records\Models\DraftStep;
use Vestibra\App\Records\Models\User;
use Vestibra\Core\Problem;
use Vestibra\Core\Templates\Conflicts;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\Edits\CarriedOver;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Step;
use Vestibra\Core\Templates\TakingBack;

/** What has been done on a draft since a revision, as somebody sees it who works on it. */
final readonly class StepsSince
{
    /**
     * @param  list<array{DraftStep, Step}>  $steps  oldest first
     * @param  string|null  $window  the drawing table of whoever asks; null: all of their own are known to them
     */
    public function __construct(
        private User $user,
        private ?string $window,
        private array $steps,
    ) {
    }

    /**
     * @param  list<Edit>  $edits  made on the draft as it was before these steps
     * @return list<Edit> the same for the draft as it is
     */
    public function carried(array $edits, Node $now): array
    {
        return CarriedOver::edits($edits, array_map(
            fn (array $made): array => [$made[1], $this->knows($made[0])],
            $this->steps,
        ), $now);
    }

    /** @param  list<Edit>  $edits */
    public function problem(array $edits, Node $now): ?Problem
    {
        foreach ($this->steps as [$stored, $theirs]) {
            foreach ($this->knows($stored) ? [] : $edits as $edit) {
                $problem = Conflicts::between($edit, $theirs, $now);
                if ($problem !== null) {
                    return $this->named($problem, $stored);
                }
            }
        }

        return null;
    }

    /** Whether taking a step back would take away what somebody else has set since. */
    public function undoProblem(Step $step, Draft $now): ?Problem
    {
        $crossing = TakingBack::crossing($step, $now, array_column($this->steps, 1));

        return $crossing === null ? null : $this->named($crossing[0], $this->steps[$crossing[1]][0]);
    }

    private function knows(DraftStep $step): bool
    {
        return $step->user_id === $this->user->id
            && ($this->window === null || $step->window === null || $step->window === $this->window);
    }

    private function named(Problem $problem, DraftStep $by): Problem
    {
        return $problem->code->at($problem->path, $problem->values + [
            'name' => $by->user_id === $this->user->id
                ? 'You, in another window,'
                : $by->loadMissing('user')->user->name ?? 'Somebody',
        ]);
    }
}
