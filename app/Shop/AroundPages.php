<?php

declare(strict_types=1);

namespace Vestibra\App\Shop;

use Illuminate\Contracts\View\View;
use Vestibra\App\Catalogue\Categories;
use Vestibra\App\Styling\HouseBook;

/** What stands around every page of the shop: its top with the first categories and the cart, and the Studio's tag. */
final readonly class AroundPages
{
    public function __construct(
        private Categories $categories,
        private Cart $cart,
        private ShopTag $tag,
        private HouseBook $house,
    ) {
    }

    public function compose(View $view): void
    {
        $view->with([
            'shelves' => $this->categories->tree()->children(null),
            'inCart' => $this->cart->count(),
            // Beside the decisions of a house style nothing but the shop is shown.
            'tag' => $this->house->isLookedWith() ? null : $this->tag->data(),
            'house' => $this->house->now(),
        ]);
    }
}
