<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shop;

use Illuminate\Contracts\View\View;
use Vestibra\App\Doors\Requests\Visits;
use Vestibra\App\PagesOut\Walking\ShopTag;
use Vestibra\App\PagesOut\Whole\Around;
use Vestibra\App\PagesOut\Whole\Surroundings;
use Vestibra\App\Reach\Pages\HeaderPages;
use Vestibra\App\Style\HouseBook;
use Vestibra\Core\Pages\PageKind;

/** What stands around every page of the shop: its header and footer, and the Studio's tag. */
final readonly class PageSurroundings
{
    public function __construct(
        private ShopTag $tag,
        private HouseBook $house,
        private Surroundings $surroundings,
        private HeaderPages $pages,
    ) {
    }

    public function compose(View $view): void
    {
        $given = $view->getData();
        $page = $given['standsOn'] ?? null;
        $view->with([
            'around' => $given['around'] ?? (
                $page instanceof PageKind
                    ? $this->surroundings->of($page, $this->pages->single($page), Visits::from(request()))
                    : new Around
            ),
            // Beside the decisions of a house style nothing but the shop is shown.
            'tag' => $this->house->isLookedWith() ? null : $this->tag->data(),
            'house' => $this->house->now(),
        ]);
    }
}
