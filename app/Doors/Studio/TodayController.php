<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Artisan;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Doors\Studio\Answers\ReleaseRow;
use Vestibra\App\Ground\Troubles;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Today\Attention;
use Vestibra\App\Work\Today\Live;

/**
 * What is live, what waits, and what needs attention.
 *
 * @shape TodayData array{live: LiveSummary, waiting: list<ReleaseRow>, latest: ReleaseRow|null,
 *     attention: list<Matter>,
 *     templates: list<array{id: int, name: string, changed: bool}>}
 */
final readonly class TodayController
{
    public function index(Live $live, Attention $attention, ReleaseRow $row): View
    {
        /** @var Collection<int, Release> $waiting */
        $waiting = Release::query()->with('author')->where('state', Release::WAITING)->oldest('due_at')->limit(
            20,
        )->get();
        /** @var Collection<int, Template> $templates */
        $templates = Template::query()->where('let_go_at', null)->oldest('page_kind')->oldest('hand_order')->get();
        $templates = $templates
            ->filter(static fn (Template $one): bool => ! $one->isPage() || $one->pageKind() !== null)
            ->values();
        $latest = Release::query()->with('author')->where('state', Release::DONE)->latest('id')->first();

        return Screen::show('today', 'Today', [
            'live' => $live->summary(),
            'waiting' => $row->all($waiting),
            'latest' => $latest === null ? null : $row->of($latest),
            'attention' => $attention->list(),
            'templates' => $templates
                ->map(static fn (Template $template): array =>
                    ['id' => $template->id, 'name' => $template->name, 'changed' => $template->isChanged()])
                ->all(),
        ]);
    }

    /** What needs attention now, once something was done about it. */
    public function attention(Attention $attention): JsonResponse
    {
        return new JsonResponse(['attention' => $attention->list()]);
    }

    /** Tries the work that died once more. */
    public function retryJobs(): JsonResponse
    {
        Artisan::call('queue:retry', ['id' => ['all']]);

        return new JsonResponse(['retried' => true]);
    }

    /** Somebody has seen to a block that failed. */
    public function settle(int $trouble, Troubles $troubles): JsonResponse
    {
        $troubles->settle($trouble);

        return new JsonResponse(['settled' => $trouble]);
    }
}
