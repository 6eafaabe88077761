<?php

declare(strict_types=1);

namespace Vestibra\App\Shop;

use Illuminate\Contracts\View\View;
use Vestibra\App\Pages\HeaderPages;
use Vestibra\App\Rendering\Around;
use Vestibra\App\Rendering\Surroundings;
use Vestibra\App\Styling\HouseBook;
use Vestibra\Core\Pages\PageKind;

/** What stands around every page of the shop: its header and footer, and the Studio's tag. */
final readonly class AroundPages
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
            'around' => $given['around'] ?? ($page instanceof PageKind ? $this->surroundings->of($page, $this->pages->single($page), Visits::from(request())) : new Around),
            // Beside the decisions of a house style nothing but the shop is shown.
            'tag' => $this->house->isLookedWith() ? null : $this->tag->data(),
            'house' => $this->house->now(),
        ]);
    }
}
