<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Drafting;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\DraftStep;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Words\EditWords;
use Vestibra\App\Words\ProblemWords;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Problem;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\EditProblem;
use Vestibra\Core\Templates\InTemplate;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Step;
use Vestibra\Core\Templates\Stepped;
use Vestibra\Core\Templates\TakingBack;
use Vestibra\Core\Templates\TreeReader;

/**
 * The one door through which drafts change. Every step is stored with what takes it back, so that undo survives a
 * reload; all edits of a step are applied, or none.
 */
final readonly class Drafting
{
    private TakingBack $takingBack;

    public function __construct(
        private Composer $composer,
        private StoredDrafts $stored,
        private StoredEdits $edits,
        private EditWords $words,
    ) {
        $this->takingBack = new TakingBack($composer->schema);
    }

    /**
     * @param  list<mixed>  $edits  untrusted
     * @return StepResult|non-empty-list<Problem>
     */
    public function apply(
        int $templateId,
        User $user,
        array $edits,
        StepAttempt $attempt = new StepAttempt,
    ): StepResult|array {
        return DB::transaction(function () use ($templateId, $user, $edits, $attempt): StepResult|array {
            $template = self::template($templateId);
            $reader = $this->edits->reader($template);
            $read = [];
            foreach ($edits as $edit) {
                $parsed = $reader->parse($edit, $attempt->format);
                if (is_array($parsed)) {
                    return $parsed;
                }
                $read[] = $parsed;
            }
            $log = $this->log($template);
            $before = $this->stored->draft($template);
            if ($log->has($template, $attempt->key)) {
                return StepResult::whole($template, $before);
            }
            $since = $log->since($template, $user, $attempt);
            $done = Stepped::by($since->carried($read, $before->tree), $before, $this->composer->schema);
            $crossing = $attempt->knowingly ? null : $since->problem($read, $before->tree);
            if ($done instanceof Problem) {
                return [$done];
            }
            $inside =
                InTemplate::problem(
                    $template->role,
                    StoredEdits::kind($template),
                    $done->draft,
                    $this->composer->schema,
                );
            if ($inside !== null) {
                return [$inside];
            }
            if ($crossing !== null) {
                return [$crossing];
            }
            if ($done->draft === $before) {
                return StepResult::of($template, $done, $before);
            }
            $this->save($template, $user, $done->draft);
            $log->endRedo($template, $user);
            $log->record(
                $template,
                $user,
                $done,
                new StepRecord(DraftStep::DONE, $this->words->of($read, $before->tree), $attempt),
            );

            return StepResult::of($template, $done, $before);
        });
    }

    /** @return StepResult|non-empty-list<Problem> */
    public function undo(int $templateId, User $user, StepAttempt $attempt = new StepAttempt): StepResult|array
    {
        return $this->takeBack($templateId, $user, DraftStep::TAKEN_BACK_BY_UNDO, $attempt);
    }

    /** @return StepResult|non-empty-list<Problem> */
    public function redo(int $templateId, User $user, StepAttempt $attempt = new StepAttempt): StepResult|array
    {
        return $this->takeBack($templateId, $user, [DraftStep::UNDONE], $attempt);
    }

    /**
     * The draft's tree as it was before the user's last change; null when there was none, or it cannot be taken back.
     */
    public function before(Template $template, User $user): ?Node
    {
        $stored = $this->log($template)->last($template, $user, DraftStep::TAKEN_BACK_BY_UNDO);
        $step = $stored === null ? null : $this->log($template)->read($stored);
        $done = $step === null ? null : $this->takingBack->of($step, $this->stored->draft($template));

        return $done instanceof Stepped ? $done->draft->tree : null;
    }

    /**
     * @return array{undo: string|null, redo: string|null, undoStep: int, redoStep: int, passedOver: int} what the next
     *     undo and redo would do, in words, and when it was done; and how many steps were passed over
     */
    public function next(Template $template, User $user): array
    {
        return $this->log($template)->next($template, $user);
    }

    /**
     * Takes back, or does again, a step that was passed over, although it takes away what somebody else has set.
     *
     * @return StepResult|non-empty-list<Problem>
     */
    public function afterAll(int $templateId, User $user, int $stepId, StepAttempt $attempt): StepResult|array
    {
        return DB::transaction(function () use ($templateId, $user, $stepId, $attempt): StepResult|array {
            $template = self::template($templateId);
            $draft = $this->stored->draft($template);
            if ($this->log($template)->has($template, $attempt->key)) {
                return StepResult::whole($template, $draft);
            }
            $stored = DraftStep::query()->passedOver($template, $user)->find($stepId);
            $step = $stored === null ? null : $this->log($template)->read($stored);
            if ($stored === null || $step === null) {
                return [EditProblem::NothingToUndo->at()];
            }

            return $this->back($template, $user, $stored, $step, $draft, $attempt);
        });
    }

    /**
     * @param  list<string>  $origins
     * @return StepResult|non-empty-list<Problem>
     */
    private function takeBack(
        int $templateId,
        User $user,
        array $origins,
        StepAttempt $attempt,
    ): StepResult|array {
        return DB::transaction(function () use ($templateId, $user, $origins, $attempt): StepResult|array {
            $template = self::template($templateId);
            $log = $this->log($template);
            $draft = $this->stored->draft($template);
            if ($log->has($template, $attempt->key)) {
                return StepResult::whole($template, $draft);
            }
            $stored = $log->last($template, $user, $origins);
            if ($stored !== null && $attempt->passOver) {
                $stored->update(['spent' => true, 'passed_over' => true]);
                $stored = $log->last($template, $user, $origins);
            }
            $undoes = $origins === DraftStep::TAKEN_BACK_BY_UNDO;
            if ($stored === null) {
                return [($undoes ? EditProblem::NothingToUndo : EditProblem::NothingToRedo)->at()];
            }
            $step = $log->read($stored);
            if ($step === null) {
                return $this->passOver($stored, $undoes);
            }
            $crossing = $attempt->knowingly
                ? null
                : $log->othersSince($template, $user, $stored)->undoProblem($step, $draft);
            if ($crossing !== null) {
                return [$crossing];
            }
            $done = $this->back($template, $user, $stored, $step, $draft, $attempt);

            return is_array($done) && $done[0]->code === EditProblem::UndoImpossible
                ? $this->passOver($stored, $undoes)
                : $done;
        });
    }

    /** @return StepResult|non-empty-list<Problem> */
    private function back(
        Template $template,
        User $user,
        DraftStep $stored,
        Step $step,
        Draft $draft,
        StepAttempt $attempt,
    ): StepResult|array {
        $log = $this->log($template);
        $done = $this->takingBack->of($step, $draft, $log->history($template, $user, $stored, $step));
        if ($done instanceof Problem) {
            return [$done];
        }
        $inside =
            InTemplate::problem($template->role, StoredEdits::kind($template), $done->draft, $this->composer->schema);
        if ($inside !== null) {
            return [$inside];
        }
        $this->save($template, $user, $done->draft);
        $stored->update(['spent' => true, 'passed_over' => false]);
        $log->record($template, $user, $done, new StepRecord(
            $stored->origin === DraftStep::UNDONE ? DraftStep::REDONE : DraftStep::UNDONE,
            $stored->words,
            new StepAttempt(window: $attempt->window, key: $attempt->key),
        ));

        return StepResult::of(
            $template,
            $done,
            $draft,
            $done->leftOut === []
                ? null
                : ProblemWords::of(EditProblem::UndoInPart->at('', ['words' => $stored->words])),
        );
    }

    /** The one read of it; what was deleted is not there. */
    private static function template(int $id): Template
    {
        return Template::query()->where('let_go_at', null)->findOrFail($id);
    }

    /** @return non-empty-list<Problem> */
    private function passOver(DraftStep $step, bool $undoes): array
    {
        $step->update(['spent' => true, 'passed_over' => true]);

        return [($undoes ? EditProblem::UndoPassedOver : EditProblem::RedoPassedOver)
            ->at('', ['words' => $step->words])];
    }

    private function log(Template $template): StepLog
    {
        return new StepLog($this->edits->reader($template));
    }

    private function save(Template $template, User $user, Draft $draft): void
    {
        $values = [
            'draft_tree' => json_encode(TreeReader::write($draft->tree), JSON_THROW_ON_ERROR),
            'draft_reach' => json_encode($draft->reach->toArray(), JSON_THROW_ON_ERROR),
            'draft_revision' => $template->draft_revision + 1,
            'changed_by' => $user->id,
            'changed_at' => now()->toDateTimeString(),
        ];
        Template::query()->toBase()->where('id', $template->id)->update($values);
        $template->setRawAttributes($values + $template->getAttributes(), true);
    }
}
