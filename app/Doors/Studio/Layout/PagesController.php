<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Layout;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Doors\Requests\Visits;
use Vestibra\App\PagesOut\CardRoom;
use Vestibra\App\PagesOut\LiveCards;
use Vestibra\App\PagesOut\PageMaker;
use Vestibra\App\PagesOut\Whole\PageView;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Pages\Samples;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Words\DifferenceWords;
use Vestibra\App\Work\Drafting\Drafting;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Templates\Difference;
use Vestibra\Core\Templates\TemplateRole;

/**
 * A page through a given template, live or draft, for looking at before and after.
 *
 * @shape Differences array{live: bool, differences: list<array{id: string, words: string}>}
 */
final readonly class PagesController
{
    public function __construct(
        private PagesOfTheShop $pages,
        private StoredDrafts $stored,
        private PageMaker $maker,
        private PageView $view,
        private CardRoom $room,
        private LiveCards $cards,
    ) {
    }

    public function show(Request $request, Template $template, int $subjectId, Drafting $drafting): View
    {
        if ($template->role === TemplateRole::Card) {
            [$room, $subject] = $this->room->of($template, 0, $subjectId, Asked::flag($request, 'few')) ?? abort(404);

            return $this->view->look(
                $this->maker->compose($room, $subject, drafts: Asked::flag($request, 'draft') ? [$template->id] : []),
                $subject,
            );
        }
        $subject = $this->pages->get($template->seenOn())->read($subjectId) ?? abort(404);
        $tree = match (true) {
            Asked::given($request, 'before') => $drafting->before($template, SignedIn::user())
                ?? $this->stored->tree($template->draft_tree),
            Asked::flag($request, 'draft') => $this->stored->tree($template->draft_tree),
            default => $this->stored->tree($template->live_tree ?? abort(404)),
        };
        $card = Asked::given($request, 'before')
            ? Template::query()->where('role', TemplateRole::Card)->find(Asked::id($request, 'card'))
            : null;
        if ($card !== null) {
            $tree = $this->stored->tree($template->draft_tree);
            $this->cards
                ->lend($card->id, $drafting->before($card, SignedIn::user()) ?? $this->stored->tree($card->draft_tree));
        }

        $visit = Visits::from($request);

        return $this->view->look(
            $this->maker->compose($tree, $subject, $visit, drafts: Asked::ids($request, 'with', 50)),
            $subject,
            $visit,
        );
    }

    /** A template as it looks in a list: live, or its draft, with the first page of its reach. */
    public function look(Template $template, Samples $samples): RedirectResponse
    {
        $kind = $template->seenOn();
        $reach = ($this->stored->live($template) ?? $this->stored->draft($template))->reach;
        $subject = $samples->page($kind, $samples->compiled($kind, $reach), '', 1)['samples'][0]['id'] ?? abort(404);

        return redirect("/studio/templates/$template->id/page/$subject?".http_build_query(['still' => 1]
            + ($template->isLive() ? [] : ['draft' => 1])
            + ($template->role === TemplateRole::Card ? ['few' => 1] : [])));
    }

    /** What the draft changes, as a list in words. */
    public function differences(Template $template, Composer $composer, DifferenceWords $words): JsonResponse
    {
        $live = $this->stored->live($template);
        $differences = $live === null
            ? []
            : Difference::between($live, $this->stored->draft($template), $composer->schema);

        return new JsonResponse([
            'live' => $live !== null,
            'differences' => array_map(
                static fn (Difference $difference): array =>
                    ['id' => $difference->id, 'words' => $words->of($difference)],
                $differences,
            ),
        ]);
    }
}
