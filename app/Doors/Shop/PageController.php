<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shop;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use stdClass;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\Visits;
use Vestibra\App\Lists\Search\Searches;
use Vestibra\App\Lists\Search\SearchIndex;
use Vestibra\App\PagesOut\PageMaker;
use Vestibra\App\PagesOut\Walking\PrivateLinks;
use Vestibra\App\PagesOut\Walking\ShopTag;
use Vestibra\App\PagesOut\Walking\Walk;
use Vestibra\App\PagesOut\Whole\PageView;
use Vestibra\App\Reach\Rules\PagesOfTheShop;
use Vestibra\App\Reach\Rules\Verdicts;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\App\Records\Stored\OldAddresses;
use Vestibra\App\Work\Templates\CardBook;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Composing\ComposedPage;
use Vestibra\Core\Composing\Listed;
use Vestibra\Core\Composing\Visit;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Reach\Verdict;
use Vestibra\Core\Reach\WhatIf;
use Vestibra\Core\Selling\Search\Query;

/** A page of any kind that has templates, by the address name of what it is about. */
final readonly class PageController
{
    public function __construct(
        private PagesOfTheShop $pages,
        private Verdicts $verdicts,
        private StoredDrafts $stored,
        private PageMaker $maker,
        private PageView $view,
        private Walk $walk,
        private ShopTag $tag,
        private PrivateLinks $links,
        private ShopMessages $messages,
        private OldAddresses $addresses,
        private Searches $searches,
        private SearchIndex $index,
    ) {
    }

    public function __invoke(Request $request, string $slug, string $pageKind): View|RedirectResponse|JsonResponse|Response
    {
        $kind = PageKind::from($pageKind);
        $slug = isset(PageAddresses::typed()[$pageKind]) ? Asked::text($request, 'q', Query::MOST_LETTERS) : $slug;
        $subject = $this->pages->get($kind)->bySlug($slug);
        if ($subject === null) {
            $thing = Thing::tryFrom($kind->value);

            return ($thing === null ? null : $this->lead($request, $thing, $slug)) ?? abort(404);
        }
        if (! $subject->isShown()) {
            abort(404);
        }
        $visit = Visits::from($request);
        if ($kind === PageKind::Search) {
            $this->noted($request, $subject, $visit);
        }
        $walking = $this->walk->isOn() && Gate::allows('see-studio');
        $verdict = $this->verdict($kind, $subject, $walking);
        $draft = $walking && in_array($verdict->templateId, $this->walk->drafts(), true);
        $link = $this->links->current();
        $looksAtDraft = $link !== null && $link->page_kind === $pageKind;
        $around = $link === null ? null : PageKind::tryFrom($link->page_kind);
        $live = $looksAtDraft ? $link->draft_tree : DB::scalar('select '.($draft ? 'draft_tree' : 'live_tree').' from templates where id = ?', [$verdict->templateId]);
        $tree = $this->stored->tree(json_decode((string) $live, true));
        if (Visits::isForm($visit) && ! $request->wantsJson()) {
            return redirect(rtrim($request->getPathInfo().$this->maker->listed($tree, $subject, $visit)->address(1), '?'));
        }
        $composed = $this->maker->compose(
            $tree,
            $subject,
            $visit,
            $looksAtDraft ? (int) $link->template_id : $verdict->templateId,
            drafts: match (true) {
                $walking => $this->walk->drafts(),
                // As on the drawing table: with the cards that stand on it as they are drawn.
                $looksAtDraft => CardBook::ids(),
                default => [],
            },
            isDraft: $draft || $looksAtDraft,
        );

        if ($composed->listed !== null && $visit->page > $composed->listed->page && ! $request->wantsJson()) {
            return redirect(rtrim($request->getPathInfo().$composed->listed->address($composed->listed->page), '?'))->header('Cache-Control', 'no-cache');
        }
        if ($request->wantsJson() && $composed->listed !== null) {
            return $this->narrowed($request, $composed, $composed->listed);
        }

        $page = $this->view->shop(
            $composed,
            $subject,
            $visit,
            match (true) {
                $link === null => null,
                $looksAtDraft => $this->looking($link, $kind, $subject),
                $around?->standsOnPages() === true => $this->looking($link, $around, new AroundPage($around, $kind, $subject)),
                default => null,
            },
        );

        return $kind === PageKind::NotFound ? new Response($page, 404) : $page;
    }

    /** The way from an old address to the one of today, with what was asked for behind it. Browsers ask again each time: a new name may be taken back. */
    private function lead(Request $request, Thing $thing, string $slug): ?RedirectResponse
    {
        $found = $this->addresses->thing($thing, $slug);
        if ($found === null) {
            return null;
        }
        $place = mb_substr($request->getPathInfo(), 0, (int) mb_strrpos($request->getPathInfo(), '/'));
        $query = $request->getQueryString();

        return new RedirectResponse("$place/".rawurlencode($found['slug']).($query === null ? '' : "?$query"), 301, ['Cache-Control' => 'no-cache']);
    }

    /** What customers look for is counted: the search itself, and not its further pages, or what the owner tries out. */
    private function noted(Request $request, Subject $search, Visit $visit): void
    {
        if ($search instanceof Assortment && $visit->page === 1 && $visit->filters === [] && $visit->sort === '' && ! $request->wantsJson() && Gate::denies('see-studio')) {
            $query = Query::of($search->slug);
            $this->searches->note($query, $this->index->find($query));
        }
    }

    /** What follows the products of the page alone, for a page that is there already. */
    private function narrowed(Request $request, ComposedPage $page, Listed $listed): JsonResponse
    {
        return (new JsonResponse([
            'address' => rtrim($request->getPathInfo().$listed->address($listed->page), '?'),
            'said' => $this->messages->live()->say('list.count', ['count' => $listed->total]),
            'css' => md5($page->css),
            'parts' => $this->maker->parts($page),
        ], options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES))->header('Vary', 'Accept');
    }

    private function verdict(PageKind $kind, Subject $subject, bool $walking): Verdict
    {
        $verdict = $walking ? $this->verdicts->explained($kind, $subject, $this->walk->supposed()) : $this->verdicts->of($kind, $subject);
        $this->tag->on($kind, $subject, $verdict);

        return $verdict;
    }

    /** @return array{name: string, until: string, one: string, would: bool} what somebody who came by a private link is told */
    private function looking(stdClass $link, PageKind $kind, Subject $subject): array
    {
        $template = Template::query()->findOrFail((int) $link->template_id);
        $supposed = (new WhatIf)->withReach($template->id, $this->stored->draft($template)->reach);

        return [
            'name' => $template->name,
            'until' => $link->expires_at,
            'one' => $subject->kind()->one(),
            'would' => $this->verdicts->explained($kind, $subject, $supposed)->templateId === $template->id,
        ];
    }
}
