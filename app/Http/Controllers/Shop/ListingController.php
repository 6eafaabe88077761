<?php

declare(strict_types=1);

namespace Vestibra\App\Http\Controllers\Shop;

use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Vestibra\App\Catalogue\Categories;
use Vestibra\App\Http\Asked;
use Vestibra\App\Shop\Listing;
use Vestibra\Core\Messages\Messages;

/** What a search finds. */
final readonly class ListingController
{
    public function __construct(
        private Listing $listing,
        private Categories $categories,
        private Messages $messages,
    ) {
    }

    public function search(Request $request): View
    {
        $query = Asked::text($request, 'q', 200);

        return view('shop::search', [
            'title' => trim($query) === '' ? $this->messages->say('search.title') : $this->messages->say('search.title-of', ['query' => $query]),
            'query' => $query,
            'roots' => $this->categories->tree()->children(null),
        ] + $this->listing->page(Listing::searchWhere($query), $request, 'title'));
    }
}
