<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Layout;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Doors\Requests\Visits;
use Vestibra\App\Doors\Studio\Answers\DraftState;
use Vestibra\App\Doors\Studio\Answers\EditedCanvas;
use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\Ground\Problems\TemplateProblem;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Drafting\Drafting;
use Vestibra\App\Work\Drafting\PassedOver;
use Vestibra\App\Work\Drafting\Presence;
use Vestibra\App\Work\Drafting\StepAttempt;
use Vestibra\App\Work\Drafting\StepResult;
use Vestibra\App\Work\Starts\Starts;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Problem;
use Vestibra\Core\Templates\ConflictProblem;
use Vestibra\Core\Templates\EditProblem;
use Vestibra\Core\Templates\TreeFormats;
use Vestibra\Core\Templates\TreeReader;

final readonly class EditsController
{
    private const MOST_EDITS = 200;

    private const MOST_BYTES = 2_000_000;

    public function __construct(
        private Drafting $drafting,
        private DraftState $state,
        private EditedCanvas $canvas,
    ) {
    }

    public function store(Request $request, int $templateId): JsonResponse
    {
        if (strlen($request->getContent()) > self::MOST_BYTES) {
            abort(413);
        }
        $edits = Asked::untrusted($request, 'edits');
        if (! is_array($edits) || $edits === [] || ! array_is_list($edits)) {
            return $this->answer($request, $templateId, [EditProblem::NotAnEdit->at()]);
        }
        if (count($edits) > self::MOST_EDITS) {
            return $this->answer($request, $templateId, [EditProblem::TooMany->at()]);
        }

        return $this->answer(
            $request,
            $templateId,
            $this->drafting->apply($templateId, SignedIn::user(), $edits, self::attempt($request)),
        );
    }

    public function undo(Request $request, int $templateId): JsonResponse
    {
        return $this->answer(
            $request,
            $templateId,
            $this->drafting->undo($templateId, SignedIn::user(), self::attempt($request)),
        );
    }

    public function redo(Request $request, int $templateId): JsonResponse
    {
        return $this->answer(
            $request,
            $templateId,
            $this->drafting->redo($templateId, SignedIn::user(), self::attempt($request)),
        );
    }

    /** What undo and redo passed over, with what each would take from whom. */
    public function passedOver(Request $request, Template $template, PassedOver $passed): JsonResponse
    {
        return new JsonResponse($passed->page($template, SignedIn::user(), Asked::id($request, 'before')));
    }

    /** Takes back, or does again, one of those after all, as a new step. */
    public function afterAll(Request $request, int $templateId): JsonResponse
    {
        return $this->answer($request, $templateId, $this->drafting->afterAll(
            $templateId,
            SignedIn::user(),
            Asked::id($request, 'step'),
            self::attempt($request),
        ));
    }

    /** Puts what is live in the place of the draft; like every step it can be taken back. */
    public function throwAway(Request $request, Template $template): JsonResponse
    {
        $live = $template->live();

        return $this->answer($request, $template->id, $live === null
            ? [ReleaseProblem::NotLive->at('', ['name' => $template->name])]
            : $this->drafting->apply(
                $template->id,
                SignedIn::user(),
                [['edit' => 'replace', 'tree' => $live['tree'], 'reach' => $live['reach']]],
                self::attempt($request),
            ));
    }

    /**
     * Begins anew with a ready-made start, as long as nothing but empty bands and columns is there; it can be taken
     * back.
     */
    public function start(Request $request, Template $template, Starts $starts, Composer $composer): JsonResponse
    {
        $kind = $template->exchangeKind();
        $tree = $kind !== null ? $starts->tree($kind, Asked::text($request, 'start', 400), $composer->schema) : null;

        return $this->answer($request, $template->id, match (true) {
            $tree === null => [TemplateProblem::UnknownStart->at()],
            ! Starts::canReplace($template->draft_tree) => [TemplateProblem::NotEmpty->at()],
            default => $this->drafting->apply(
                $template->id,
                SignedIn::user(),
                [['edit' => 'replace', 'tree' => TreeReader::write($tree), 'reach' => $template->draft_reach]],
                self::attempt($request),
            ),
        });
    }

    /** What others have done since a revision, and who else is here. */
    public function news(Request $request, Template $template, Presence $presence): JsonResponse
    {
        $others = $presence->seen($template, SignedIn::user(), self::word($request, 'window') ?? '');
        $same = $template->draft_revision === Asked::id($request, 'revision')
            && $template->live_revision === (Asked::id($request, 'live') ?: null);

        return new JsonResponse(
            ['others' => $others, 'state' => $same ? null : $this->state->of($template, withCounts: true)],
        );
    }

    private static function attempt(Request $request): StepAttempt
    {
        return new StepAttempt(
            Asked::id($request, 'base') ?: null,
            self::word($request, 'window'),
            self::word($request, 'key'),
            self::word($request, 'gesture'),
            Asked::flag($request, 'knowingly'),
            Asked::flag($request, 'passOver'),
            // Edits that an earlier version kept in the browser say no format.
            Asked::number($request, 'format', 1, 1, TreeFormats::CURRENT),
        );
    }

    private static function word(Request $request, string $name): ?string
    {
        return Asked::text($request, $name, 60) ?: null;
    }

    /** @param  StepResult|non-empty-list<Problem>  $outcome */
    private function answer(Request $request, int $templateId, StepResult|array $outcome): JsonResponse
    {
        if (is_array($outcome)) {
            $template = Template::query()->where('let_go_at', null)->findOrFail($templateId);
            $crossing = $outcome[0]->code instanceof ConflictProblem;
            $status = $crossing || in_array(
                $outcome[0]->code,
                [
                    EditProblem::Gone, EditProblem::ThereAlready, EditProblem::UndoPassedOver,
                    EditProblem::RedoPassedOver,
                ],
                true,
            )
                ? 409
                : 422;

            return new JsonResponse(
                ProblemWords::answer($outcome) + [
                    'conflict' => $crossing ? $outcome[0]->code->value : null,
                    'state' => $this->state->of($template),
                ],
                $status,
            );
        }

        return new JsonResponse($this->canvas->after(
            $outcome,
            $outcome->template,
            Asked::id($request, 'sample'),
            Visits::from($request),
            Asked::id($request, 'on'),
        ));
    }
}
