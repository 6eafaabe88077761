<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Layout;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Doors\Studio\Answers\ReleaseRow;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Tending\RuleMatters;
use Vestibra\App\Work\Tending\RuleTidying;
use Vestibra\Core\Pages\PageKind;

/**
 * What rules need, and what is taken out of them without moving a page.
 *
 * @phpstan-import-type Matter from RuleMatters
 *
 * @shape RuleMattersAnswer array{matters: list<Matter>}
 * @shape TidyDone array{release: ReleaseRow|null}
 */
final readonly class TendingController
{
    public function __construct(
        private RuleMatters $matters,
        private RuleTidying $tidying,
        private ReleaseRow $row,
    ) {
    }

    /** Of one kind of page all; without one, of every kind what has to be counted. */
    public function index(Request $request): JsonResponse
    {
        $kind = PageKind::tryFrom(Asked::text($request, 'kind', 40));
        $matters = $kind !== null && PageAddresses::knows($kind->value)
            ? $this->matters->all($kind)
            : array_merge(...array_map($this->matters->counted(...), PageAddresses::kinds()));

        return new JsonResponse(['matters' => $matters]);
    }

    public function tidy(Request $request, Template $template): JsonResponse
    {
        $request->validate(['what' => ['required', Rule::in(['deleted', 'idle'])], 'clause' => ['array', 'max:50']]);

        return $this->answer($this->tidying->tidy(
            $template,
            Asked::text($request, 'what') === 'idle' ? 'idle' : 'deleted',
            Asked::untrusted($request, 'clause'),
            SignedIn::user(),
            Asked::key($request),
        ));
    }

    public function takeBack(Request $request, Release $release): JsonResponse
    {
        return $this->answer($this->tidying->takeBack($release, SignedIn::user(), Asked::key($request)));
    }

    /** @param  Release|non-empty-list<\Vestibra\Core\Problem>|null  $done */
    private function answer(Release|array|null $done): JsonResponse
    {
        return is_array($done)
            ? new JsonResponse(ProblemWords::answer($done), 409)
            : new JsonResponse(['release' => $done === null ? null : $this->row->of($done->load('author'))], 201);
    }
}
