<?php

declare(strict_types=1);

namespace Vestibra\App\Http\Controllers\Shop;

use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Vestibra\App\Catalogue\Categories;
use Vestibra\App\Http\Asked;
use Vestibra\App\Pages\PagesOfTheShop;
use Vestibra\App\Rendering\PageMaker;
use Vestibra\App\Shop\Listing;
use Vestibra\Core\Composing\ComposedPage;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Templates\Node;

/** What a search finds. */
final readonly class ListingController
{
    public function __construct(
        private Listing $listing,
        private Categories $categories,
        private Messages $messages,
        private PageMaker $maker,
        private PagesOfTheShop $pages,
    ) {
    }

    public function search(Request $request): View
    {
        $query = Asked::text($request, 'q', 200);

        ['ids' => $ids] = $found = $this->listing->page(Listing::searchWhere($query), $request, 'title');
        $grid = $this->found($ids);

        return view('shop::search', [
            'title' => trim($query) === '' ? $this->messages->say('search.title') : $this->messages->say('search.title-of', ['query' => $query]),
            'query' => $query,
            'roots' => $this->categories->tree()->children(null),
            'products' => $grid === null ? '' : $this->maker->print($grid->page),
            'css' => $grid->css ?? null,
        ] + $found);
    }

    /**
     * As the fallback card, like any products for which no other was chosen.
     *
     * @param  list<int>  $ids
     */
    private function found(array $ids): ?ComposedPage
    {
        $shop = $ids === [] ? null : $this->pages->get(PageKind::AllProducts)->read(1);

        return $shop === null ? null : $this->maker->compose(new Node('found', 'product-grid', ['feed' => 'chosen', 'products' => $ids]), $shop);
    }
}
