<?php

declare(strict_types=1);

namespace Vestibra\App\Http\Controllers\Studio;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Artisan;
use Vestibra\App\Http\ReleaseRow;
use Vestibra\App\Http\Screen;
use Vestibra\App\Models\Release;
use Vestibra\App\Models\Template;
use Vestibra\App\Today\Attention;
use Vestibra\App\Today\Live;
use Vestibra\App\Troubles;

/**
 * What is live, what waits, and what needs attention.
 *
 * @shape TodayData array{live: LiveSummary, waiting: list<ReleaseRow>, latest: ReleaseRow|null, attention: list<Matter>,
 *     templates: list<array{id: int, name: string, changed: bool}>}
 */
final readonly class TodayController
{
    public function index(Live $live, Attention $attention, ReleaseRow $row): View
    {
        /** @var Collection<int, Release> $waiting */
        $waiting = Release::query()->with('author')->where('state', Release::WAITING)->oldest('due_at')->limit(20)->get();
        /** @var Collection<int, Template> $templates */
        $templates = Template::query()->where('let_go_at', null)->oldest('page_kind')->oldest('hand_order')->get();
        $templates = $templates->filter(static fn (Template $one): bool => ! $one->isPage() || $one->pageKind() !== null)->values();
        $latest = Release::query()->with('author')->where('state', Release::DONE)->latest('id')->first();

        return Screen::show('today', 'Today', [
            'live' => $live->summary(),
            'waiting' => $row->all($waiting),
            'latest' => $latest === null ? null : $row->of($latest),
            'attention' => $attention->list(),
            'templates' => $templates->map(static fn (Template $template): array => ['id' => $template->id, 'name' => $template->name, 'changed' => $template->isChanged()])->all(),
        ]);
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
