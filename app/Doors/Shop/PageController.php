<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shop;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\Visits;
use Vestibra\App\PagesOut\PageMaker;
use Vestibra\App\PagesOut\Whole\PageView;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\Core\Composing\ComposedPage;
use Vestibra\Core\Composing\Listed;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Selling\Search\Query;

/** A page of any kind that has templates, by the address name of what it is about. */
final readonly class PageController
{
    public function __construct(
        private PagesOfTheShop $pages,
        private VisitorsTrees $trees,
        private PageMaker $maker,
        private PageView $view,
        private FormerAddress $former,
        private CountedSearches $searches,
        private ShopMessages $messages,
    ) {
    }

    public function __invoke(
        Request $request,
        string $slug,
        string $pageKind,
    ): View|RedirectResponse|JsonResponse|Response {
        $kind = PageKind::from($pageKind);
        $slug = isset(PageAddresses::typed()[$pageKind]) ? Asked::text($request, 'q', Query::MOST_LETTERS) : $slug;
        $subject = $this->pages->get($kind)->bySlug($slug);
        if ($subject === null) {
            return $this->former->lead($request, $kind, $slug) ?? abort(404);
        }
        if (! $subject->isShown()) {
            abort(404);
        }
        $visit = Visits::from($request);
        $this->searches->count($request, $subject, $visit);
        $seen = $this->trees->on($kind, $subject);
        if (Visits::isForm($visit) && ! $request->wantsJson()) {
            return redirect($this->address($request, $this->maker->listed($seen->tree, $subject, $visit), 1));
        }
        $composed = $this->maker->compose(
            $seen->tree,
            $subject,
            $visit,
            $seen->templateId,
            drafts: $seen->drafts,
            isDraft: $seen->isDraft,
        );
        $listed = $composed->listed;
        if ($request->wantsJson() && $listed !== null) {
            return $this->narrowed($request, $composed, $listed);
        }
        if ($listed !== null && $visit->page > $listed->page) {
            return redirect($this->address($request, $listed, $listed->page))->header('Cache-Control', 'no-cache');
        }
        $page = $this->view->shop($composed, $subject, $visit, $seen->looking);

        return $kind === PageKind::NotFound ? new Response($page, 404) : $page;
    }

    private function address(Request $request, Listed $listed, int $page): string
    {
        return rtrim($request->getPathInfo().$listed->address($page), '?');
    }

    /** What follows the products of the page alone, for a page that is there already. */
    private function narrowed(Request $request, ComposedPage $page, Listed $listed): JsonResponse
    {
        return (new JsonResponse([
            'address' => $this->address($request, $listed, $listed->page),
            'said' => $this->messages->live()->say('list.count', ['count' => $listed->total]),
            'css' => md5($page->css),
            'parts' => $this->maker->parts($page),
        ], options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES))->header('Vary', 'Accept');
    }
}
