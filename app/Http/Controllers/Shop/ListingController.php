<?php

declare(strict_types=1);

namespace Vestibra\App\Http\Controllers\Shop;

use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use stdClass;
use Vestibra\App\Catalogue\Categories;
use Vestibra\App\Catalogue\Changing\OldAddresses;
use Vestibra\App\Http\Asked;
use Vestibra\App\Reach\KindRulesReader;
use Vestibra\App\Reach\Sql;
use Vestibra\App\Shop\Cards;
use Vestibra\App\Shop\Listing;
use Vestibra\App\ShopClock;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Pages\PageKind;

/** The fixed listing pages. */
final readonly class ListingController
{
    public function __construct(
        private Listing $listing,
        private Categories $categories,
        private KindRulesReader $contests,
        private ShopClock $clock,
        private Messages $messages,
    ) {
    }

    public function home(Cards $cards): View
    {
        $ids = array_column(DB::select('select id from products where published = 1 and picture_count > 0 order by added_at desc, id limit 8'), 'id');

        return view('shop::home', [
            'title' => null,
            'cards' => $cards->of($ids, $this->clock->now()),
            'picture' => DB::scalar('select file from product_pictures pp join pictures on pictures.id = pp.picture_id where pp.position = 2 order by pp.product_id limit 1'),
            'roots' => $this->withPictures($this->categories->tree()->children(null)),
            'collections' => DB::select('select name, slug, description from collections order by id limit 3'),
        ]);
    }

    public function all(Request $request): View
    {
        return view('shop::listing', [
            'title' => $this->messages->say('list.all'),
            'words' => $this->messages->say('list.everything'),
            'crumbs' => [],
            'children' => [],
        ] + $this->listing->page(new Sql('1'), $request));
    }

    public function collection(Request $request, string $slug, OldAddresses $addresses): View|RedirectResponse
    {
        $row = DB::selectOne('select id, name, description from collections where slug = ?', [$slug]);
        if ($row === null) {
            return $addresses->lead($request, Thing::Collection, $slug) ?? abort(404);
        }

        return view('shop::listing', [
            'title' => $row->name,
            'words' => $row->description,
            'crumbs' => [],
            'children' => [],
        ] + $this->listing->page($this->contests->live(PageKind::Product)->sql()->inCollection($row->id), $request, 'title'));
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

    /**
     * @param  list<\Vestibra\Core\Catalogue\Category>  $categories
     * @return list<array{category: \Vestibra\Core\Catalogue\Category, file: string|null}>
     */
    private function withPictures(array $categories): array
    {
        return array_map(static function ($category): array {
            $row = DB::selectOne(
                'select file from categories root join categories c on c.lower between root.lower and root.upper'
                .' join products p on p.main_category_id = c.id and p.published = 1'
                .' join product_pictures pp on pp.product_id = p.id and pp.position = 0 join pictures on pictures.id = pp.picture_id'
                .' where root.id = ? order by p.id limit 1',
                [$category->id],
            );

            return ['category' => $category, 'file' => $row instanceof stdClass ? $row->file : null];
        }, $categories);
    }
}
