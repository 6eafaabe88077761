<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Drafting;

use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\DraftStep;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Words\ProblemWords;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Problem;
use Vestibra\Core\Templates\EditProblem;
use Vestibra\Core\Templates\TakingBack;

/**
 * The steps that somebody's undo and redo passed over, newest first, with what each would take from whom.
 *
 * @shape PassedOverStep array{id: int, words: string, undoes: bool, why: string, can: bool}
 */
final readonly class PassedOver
{
    private const PAGE = 20;

    private TakingBack $takingBack;

    public function __construct(
        private StoredDrafts $stored,
        private StoredEdits $edits,
        Composer $composer,
    ) {
        $this->takingBack = new TakingBack($composer->schema);
    }

    /**
     * @param  int  $before  the step after which to go on; 0 for the first page
     * @return array{steps: list<array{id: int, words: string, undoes: bool, why: string, can: bool}>, more: bool}
     */
    public function page(Template $template, User $user, int $before): array
    {
        $found = DraftStep::query()->passedOver($template, $user)
            ->when($before > 0, static fn ($query) => $query->where('id', '<', $before))
            ->latest('id')->limit(self::PAGE + 1)->get()->all();

        return [
            'steps' => array_map(
                fn (DraftStep $step): array => $this->one($template, $user, $step),
                array_slice($found, 0, self::PAGE),
            ),
            'more' => count($found) > self::PAGE,
        ];
    }

    /** @return array{id: int, words: string, undoes: bool, why: string, can: bool} */
    private function one(Template $template, User $user, DraftStep $stored): array
    {
        $problem = $this->problem($template, $user, $stored);
        $can = $problem === null || $problem->code !== EditProblem::UndoImpossible;

        return [
            'id' => $stored->id,
            'words' => $stored->words,
            'undoes' => $stored->origin !== DraftStep::UNDONE,
            'why' => $problem === null ? 'Nothing stands in its way any more.' : ProblemWords::taken($problem),
            'can' => $can,
        ];
    }

    private function problem(Template $template, User $user, DraftStep $stored): ?Problem
    {
        $log = new StepLog($this->edits->reader($template));
        $step = $log->read($stored);
        if ($step === null) {
            return EditProblem::UndoImpossible->at();
        }
        $draft = $this->stored->draft($template);
        $done = $this->takingBack->of($step, $draft, $log->history($template, $user, $stored, $step));

        return $done instanceof Problem
            ? $done
            : $log->othersSince($template, $user, $stored)->undoProblem($step, $draft);
    }
}
