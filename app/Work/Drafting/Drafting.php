<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Drafting;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Models\DraftStep;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Words\EditWords;
use Vestibra\App\Words\ProblemWords;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\EditProblem;
use Vestibra\Core\Templates\EditReader;
use Vestibra\Core\Templates\Edits\SetReach;
use Vestibra\Core\Templates\Ids;
use Vestibra\Core\Templates\InTemplate;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Stepped;
use Vestibra\Core\Templates\TakingBack;
use Vestibra\Core\Templates\TreeReader;

/**
 * The one door through which drafts change. Every step is stored with what takes it back, so that undo survives a
 * reload; all edits of a step are applied, or none.
 */
final readonly class Drafting
{
    private TreeReader $trees;

    private TakingBack $takingBack;

    public function __construct(
        private Composer $composer,
        private StoredDrafts $stored,
        private EditWords $words,
        private FactBook $facts,
        private ShopClock $clock,
        Ids $ids,
    ) {
        $this->trees = new TreeReader($composer->schema, $ids);
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
            $read = [];
            foreach ($edits as $edit) {
                $parsed = $this->read($edit, $template, $attempt->format);
                if (is_array($parsed)) {
                    return $parsed;
                }
                $read[] = $parsed;
            }
            $log = $this->log($template);
            $before = $this->stored->draft($template);
            if ($log->has($template, $attempt->key)) {
                return new StepResult($template, $before, [], [$before->tree->id]);
            }
            $done = Stepped::by($read, $before, $this->composer->schema);
            $crossing = $this->crossing($template)->problem($template, $user, $read, $attempt, $before);
            if ($done instanceof Problem) {
                return [$done];
            }
            $inside =
                InTemplate::problem($template->role, self::kind($template), $done->draft, $this->composer->schema);
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
        return $this->takeBack($templateId, $user, [DraftStep::DONE, DraftStep::REDONE], DraftStep::UNDONE, $attempt);
    }

    /** @return StepResult|non-empty-list<Problem> */
    public function redo(int $templateId, User $user, StepAttempt $attempt = new StepAttempt): StepResult|array
    {
        return $this->takeBack($templateId, $user, [DraftStep::UNDONE], DraftStep::REDONE, $attempt);
    }

    /**
     * The draft's tree as it was before the user's last change; null when there was none, or it cannot be taken back.
     */
    public function before(Template $template, User $user): ?Node
    {
        $stored = $this->log($template)->last($template, $user, [DraftStep::DONE, DraftStep::REDONE]);
        $step = $stored === null ? null : $this->log($template)->read($stored);
        $done = $step === null ? null : $this->takingBack->of($step, $this->stored->draft($template));

        return $done instanceof Stepped ? $done->draft->tree : null;
    }

    /**
     * @return array{undo: string|null, redo: string|null, undoStep: int, redoStep: int} what the next undo and redo
     *     would do, in words, and when it was done
     */
    public function next(Template $template, User $user): array
    {
        ['words' => $undo, 'step' => $undoStep] = $this->log($template)
            ->lastWords($template, $user, [DraftStep::DONE, DraftStep::REDONE]);
        ['words' => $redo, 'step' => $redoStep] = $this->log($template)
            ->lastWords($template, $user, [DraftStep::UNDONE]);

        return ['undo' => $undo, 'redo' => $redo, 'undoStep' => $undoStep, 'redoStep' => $redoStep];
    }

    /**
     * @param  list<string>  $origins
     * @return StepResult|non-empty-list<Problem>
     */
    private function takeBack(
        int $templateId,
        User $user,
        array $origins,
        string $origin,
        StepAttempt $attempt,
    ): StepResult|array {
        return DB::transaction(function () use ($templateId, $user, $origins, $origin, $attempt): StepResult|array {
            $template = self::template($templateId);
            $log = $this->log($template);
            $draft = $this->stored->draft($template);
            if ($log->has($template, $attempt->key)) {
                return new StepResult($template, $draft, [], [$draft->tree->id]);
            }
            $stored = $log->last($template, $user, $origins);
            if ($stored !== null && $attempt->passOver) {
                $stored->update(['spent' => true]);
                $stored = $log->last($template, $user, $origins);
            }
            $undoes = $origin === DraftStep::UNDONE;
            if ($stored === null) {
                return [($undoes ? EditProblem::NothingToUndo : EditProblem::NothingToRedo)->at()];
            }
            $step = $log->read($stored);
            if ($step === null) {
                return $this->passOver($stored, $undoes);
            }
            $crossing = $attempt->knowingly
                ? null
                : $this->crossing($template)->undoProblem($template, $user, $stored, $step, $draft);
            if ($crossing !== null) {
                return [$crossing];
            }
            $done = $this->takingBack->of($step, $draft, $log->history($template, $user, $stored));
            if ($done instanceof Problem) {
                return $done->code === EditProblem::UndoImpossible ? $this->passOver($stored, $undoes) : [$done];
            }
            $inside =
                InTemplate::problem($template->role, self::kind($template), $done->draft, $this->composer->schema);
            if ($inside !== null) {
                return [$inside];
            }
            $this->save($template, $user, $done->draft);
            $stored->update(['spent' => true]);
            $log->record(
                $template,
                $user,
                $done,
                new StepRecord($origin, $stored->words, new StepAttempt(window: $attempt->window, key: $attempt->key)),
            );

            return StepResult::of(
                $template,
                $done,
                $draft,
                $done->leftOut === []
                    ? null
                    : ProblemWords::of(EditProblem::UndoInPart->at('', ['words' => $stored->words])),
            );
        });
    }

    /** The one read of it; what was deleted is not there. */
    private static function template(int $id): Template
    {
        return Template::query()->where('let_go_at', null)->findOrFail($id);
    }

    /** @return non-empty-list<Problem> */
    private function passOver(DraftStep $step, bool $undoes): array
    {
        $step->update(['spent' => true]);

        return [($undoes ? EditProblem::UndoPassedOver : EditProblem::RedoPassedOver)
            ->at('', ['words' => $step->words])];
    }

    /** @return Edit|non-empty-list<Problem> a rule is checked against the facts as they are */
    private function read(mixed $edit, Template $template, int $format): Edit|array
    {
        $isReach = is_array($edit) && ($edit['edit'] ?? null) === SetReach::name();
        if (! $isReach) {
            return $this->reader($template)->parse($edit, $format);
        }
        $reach = (
            new ReachReader(RuleFields::standard(), $this->clock->zone, self::kind($template), $this->facts->all())
        )->parse($edit['reach'] ?? null);

        return is_array($reach) ? $reach : new SetReach($reach);
    }

    private function reader(Template $template): EditReader
    {
        $kindOf = static fn (string $id): ?string => self::kindIn($template->draft_tree['page'] ?? null, $id);

        return new EditReader(
            $this->trees,
            new ReachReader(RuleFields::standard(), $this->clock->zone, self::kind($template)),
            $kindOf,
        );
    }

    private function log(Template $template): StepLog
    {
        return new StepLog($this->reader($template));
    }

    /** The kind of the block with an id in a stored tree; null where there is none. */
    private static function kindIn(mixed $node, string $id): ?string
    {
        if (! is_array($node)) {
            return null;
        }
        if (($node['id'] ?? null) === $id) {
            return is_string($node['kind'] ?? null) ? $node['kind'] : null;
        }
        foreach (is_array($node['children'] ?? null) ? $node['children'] : [] as $child) {
            $kind = self::kindIn($child, $id);
            if ($kind !== null) {
                return $kind;
            }
        }

        return null;
    }

    private function crossing(Template $template): StepConflicts
    {
        return new StepConflicts($this->reader($template));
    }

    /** By whose rules a reach is read; what stands on pages has an empty one, which every kind reads. */
    private static function kind(Template $template): PageKind
    {
        return $template->isPage() ? $template->knownKind() : $template->seenOn();
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
        DB::table('templates')->where('id', $template->id)->update($values);
        $template->setRawAttributes($values + $template->getAttributes(), true);
    }
}
