<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Layout;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Doors\Studio\Answers\ReleaseRow;
use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Drafting\Drafting;
use Vestibra\App\Work\Releases\Impact;
use Vestibra\App\Work\Releases\Making\Deeds;
use Vestibra\App\Work\Releases\Making\FallbackDeed;
use Vestibra\App\Work\Releases\Making\HandOrderDeed;
use Vestibra\App\Work\Releases\Making\PinsDeed;
use Vestibra\App\Work\Releases\Making\TemplateDeed;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\App\Work\Templates\CardBook;
use Vestibra\App\Work\Templates\Deleted;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\Core\Problem;
use Vestibra\Core\Releases\Changes;
use Vestibra\Core\Releases\FallbackChange;
use Vestibra\Core\Releases\HandOrderChange;
use Vestibra\Core\Releases\PinsChange;
use Vestibra\Core\Releases\TemplateChange;
use Vestibra\Core\Templates\TemplateRole;

/**
 * How templates stand to one another in the shop: taken off, made the fallback, put in order, pinned to. Each is asked
 * for with `ask` first, which answers with the impact and changes nothing; without it, it is a release.
 */
final readonly class StandingController
{
    public function __construct(
        private Releases $releases,
        private Impact $impact,
        private ReleaseRow $row,
        private PagesOfTheShop $pages,
    ) {
    }

    public function takeOff(Request $request, Template $template): JsonResponse
    {
        return $template->isLive()
            ? $this->release($request, TemplateDeed::takeOff($template))
            : self::refuse(ReleaseProblem::NotLive->at('', ['name' => $template->name]));
    }

    /**
     * The one before it may claim every page by a rule of its own; with `letGo` it lets go of that, so that something
     * moves. The answer to `ask` says under `every` which one does.
     */
    public function fallback(Request $request, Template $template, Drafting $drafting): JsonResponse
    {
        $change = FallbackDeed::to($template);
        $before = Template::query()->find($change->before);
        $claims = $before !== null
            && $before->id !== $template->id
            && $before->live_reach !== null
            && TemplateChange::lessEvery($before->live_reach) !== $before->live_reach;
        $letsGo = $claims && Asked::flag($request, 'letGo');
        $changes = $letsGo ? Changes::of($change, TemplateDeed::withoutEvery($before)) : Changes::of($change);

        return DB::transaction(
            function () use ($request, $changes, $before, $claims, $letsGo, $drafting): JsonResponse {
                $answer = $this->release($request, $changes, ['every' => $claims ? $before->name : null]);
                if ($letsGo && $answer->getStatusCode() === 201) {
                    $drafting->apply($before->id, SignedIn::user(), [
                        ['edit' => 'reach', 'reach' => TemplateChange::lessEvery($before->draft_reach)],
                    ]);
                }

                return $answer;
            },
        );
    }

    /** Another card stands wherever no other was chosen. */
    public function card(Request $request, Template $template): JsonResponse
    {
        return $template->role === TemplateRole::Card
            ? $this->release($request, FallbackDeed::to($template))
            : abort(404);
    }

    public function order(Request $request): JsonResponse
    {
        $given = $request->validate([
            'order' => ['required_without:move', 'array', 'max:10000'],
            'order.*' => ['integer'],
            'move' => ['integer'],
            'before' => ['integer'],
        ]);
        $kind = (string) Template::query()->toBase()
            ->where('id', (int) ($given['move'] ?? $given['order'][0] ?? 0))
            ->value('page_kind');
        $known = $kind === '' ? [] : HandOrderDeed::current($kind);
        $order = isset($given['move'])
            ? self::before($known, (int) $given['move'], (int) ($given['before'] ?? 0))
            : array_values(array_map(intval(...), $given['order']));
        if ($known === [] || array_diff($order, $known) !== []) {
            return self::refuse(ReleaseProblem::TemplateGone->at('', ['name' => '']));
        }

        return $this->release($request, HandOrderDeed::to($kind, $order));
    }

    /**
     * @param  list<int>  $order
     * @return list<int> with one template right before another; without another, last
     */
    private static function before(array $order, int $move, int $before): array
    {
        $rest = array_values(array_diff($order, [$move]));
        $at = array_search($before, $rest, true);
        array_splice($rest, $at === false ? count($rest) : $at, 0, [$move]);

        return $rest;
    }

    /** Pins one page to a template, or sets it free. */
    public function pin(Request $request): JsonResponse
    {
        $given = $request->validate([
            'pageKind' => ['required', Rule::in(PageAddresses::names())],
            'subject' => ['required', 'integer', 'min:1'],
            'template' => ['nullable', 'integer'],
        ]);
        if (! PageAddresses::isPage($given['pageKind'])) {
            return self::refuse(ReleaseProblem::ChosenByTemplate->at());
        }
        if ($this->pages->get($given['pageKind'])->read((int) $given['subject']) === null) {
            return self::refuse(ReleaseProblem::PageGone->at());
        }

        return $this->release(
            $request,
            PinsDeed::to([
                $given['pageKind'].'/'.(int) $given['subject'] => isset($given['template'])
                    ? (int) $given['template']
                    : null,
            ]),
        );
    }

    /** Deletes a template that is not live, pinned nowhere and in no waiting release; a card that stands nowhere. */
    public function delete(Template $template, Templates $templates, CardBook $cards): JsonResponse
    {
        $problem = $template->role === TemplateRole::Card
            ? $cards->letGo($template->id)
            : $templates->delete($template);

        return $problem === null
            ? new JsonResponse(['deleted' => $template->id, 'list' => Deleted::list()])
            : self::refuse($problem);
    }

    /** Takes back that a template, a card or a kept part was deleted. */
    public function restore(int $templateId): JsonResponse
    {
        $template = Template::query()->where('let_go_at', '<>', null)->find($templateId);
        if ($template === null) {
            return Template::query()->whereKey($templateId)->exists()
                ? new JsonResponse(['id' => $templateId])
                : self::refuse(ReleaseProblem::TemplateGone->at('', ['name' => '']));
        }
        if ($template->isPage() && Gate::denies('publish')) {
            abort(403);
        }
        Deleted::takeBack($template);

        return new JsonResponse(['id' => $template->id]);
    }

    /** @param  array<string, mixed>  $more  said besides, where it is only asked */
    private function release(
        Request $request,
        Changes|TemplateChange|FallbackChange|HandOrderChange|PinsChange $change,
        array $more = [],
    ): JsonResponse {
        $changes = $change instanceof Changes ? $change : Changes::of($change);
        $problems = Deeds::problems($changes);
        if ($problems !== []) {
            return self::refuse(...$problems);
        }
        if (Asked::flag($request, 'ask')) {
            return new JsonResponse(
                $this->impact->of(Deeds::now($changes)) + ['words' => Deeds::words($changes)] + $more,
            );
        }
        $done = $this->releases
            ->make($changes, SignedIn::user(), Asked::text($request, 'note', 300), key: Asked::key($request));

        return $done instanceof Release
            ? new JsonResponse($this->row->of($done->load('author')), 201)
            : self::refuse(...$done);
    }

    private static function refuse(Problem $problem, Problem ...$more): JsonResponse
    {
        return new JsonResponse(ProblemWords::answer([$problem, ...array_values($more)]), 409);
    }
}
