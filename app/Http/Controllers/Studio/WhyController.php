<?php

declare(strict_types=1);

namespace Vestibra\App\Http\Controllers\Studio;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Vestibra\App\Catalogue\ProductReader;
use Vestibra\App\Http\Asked;
use Vestibra\App\Http\Screen;
use Vestibra\App\Reach\Ladder;
use Vestibra\App\ShopClock;

/** "Why this template?" for one product. */
final readonly class WhyController
{
    public function __construct(
        private ProductReader $products,
        private Ladder $ladder,
        private ShopClock $clock,
    ) {
    }

    public function show(string $slug): View
    {
        $product = $this->products->bySlug($slug) ?? abort(404);

        return Screen::show('why', "Why {$product->title} looks like this", ['ladder' => $this->ladder->of($product)]);
    }

    public function ladder(Request $request, int $productId): JsonResponse
    {
        $product = $this->products->byId($productId) ?? abort(404);
        $at = Asked::text($request, 'at', 40);
        $this->clock->moveTo($at === '' ? null : $this->clock->zone->instant($at));

        return new JsonResponse($this->ladder->of($product));
    }
}
