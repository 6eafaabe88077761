<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Catalogue;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\Ground\Progress;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Bulk\FieldDeeds;
use Vestibra\App\Work\Bulk\FieldOutcome;
use Vestibra\App\Work\Finding\Selections;
use Vestibra\Core\Catalogue\Altering\Alteration;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;

/**
 * The same done to all selected products: with `ask` it says what that would do and changes nothing. Who waits can see
 * how far it is, and stop it.
 *
 * @shape ProgressState array{what: string, done: int, all: int}
 */
final readonly class FieldsController
{
    /** In seconds; a request that walks through a hundred thousand products takes a while. */
    private const LONGEST = 600;

    public function __construct(
        private FieldDeeds $deeds,
        private Selections $selections,
    ) {
    }

    public function run(Request $request): JsonResponse
    {
        $isDelete = Asked::flag($request, 'delete');
        $alterations = $isDelete ? [] : $this->deeds->read(Asked::untrusted($request, 'changes'));
        $problems = array_values(array_filter($alterations, static fn (mixed $one): bool => $one instanceof Problem));
        if ($problems !== []) {
            return new JsonResponse(ProblemWords::answer($problems), 422);
        }
        $pages = $this->selections->lookedAt(
            $this->selections->of(SignedIn::user(), PageKind::Product),
            Asked::revision($request),
        );
        if ($pages === [] || $pages instanceof Problem) {
            $problem = $pages === [] ? ReleaseProblem::NothingSelected->at() : $pages;

            return new JsonResponse(ProblemWords::answer([$problem]), 409);
        }
        set_time_limit(self::LONGEST);
        $progress = new Progress(Asked::key($request));
        $done = $this->deeds->run(
            $pages,
            array_values(array_filter($alterations, static fn (mixed $one): bool => $one instanceof Alteration)),
            Asked::flag($request, 'ask') ? null : SignedIn::user(),
            $progress->note(...),
        );

        return $done instanceof FieldOutcome
            ? new JsonResponse($done->toArray())
            : new JsonResponse(ProblemWords::answer($done), 409);
    }

    public function progress(Request $request): JsonResponse
    {
        return new JsonResponse((new Progress(Asked::key($request)))->read());
    }

    public function stop(Request $request): JsonResponse
    {
        (new Progress(Asked::key($request)))->stop();

        return new JsonResponse(['stopped' => true]);
    }
}
