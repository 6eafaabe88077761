<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Catalogue;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Doors\Studio\Answers\CatalogueAnswer;
use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\App\Records\Stored\Tables;
use Vestibra\App\Work\Sheets\OwnOrders;
use Vestibra\Core\Catalogue\Changing\Thing;

/**
 * The owner's own order of the products of a category or collection.
 *
 * @shape OrderData OrderPage&array{thing: string, id: int, name: string, slug: string}
 */
final readonly class OrderController
{
    public function __construct(
        private OwnOrders $orders,
        private CatalogueAnswer $answer,
    ) {
    }

    public function show(string $ordered, int $thingId): View
    {
        $page = $this->orders->page(Thing::from($ordered), $thingId, 1) ?? abort(404);
        $row = Rows::in(Tables::of(Thing::from($ordered)))->where('id', $thingId)->first(['name', 'slug']);

        return Screen::show(
            'order',
            "Order of {$row?->name}",
            $page + [
                'thing' => $ordered,
                'id' => $thingId,
                'name' => (string) $row?->name,
                'slug' => (string) $row?->slug,
            ],
        );
    }

    public function rows(Request $request, string $ordered, int $thingId): JsonResponse
    {
        return new JsonResponse($this->orders->page(Thing::from($ordered), $thingId, Asked::page($request))
            ?? abort(404));
    }

    public function move(Request $request, string $ordered, int $thingId): JsonResponse
    {
        $given = $request->validate([
            'products' => ['required', 'array', 'min:1', 'max:500'],
            'products.*' => ['integer', 'min:1'],
            'after' => ['required', 'integer', 'min:-1'],
            'seen' => ['required', 'string', 'max:60'],
        ]);
        $products = array_values(array_unique(array_map(intval(...), $given['products'])));

        return $this->answer->of($this->orders
            ->move(Thing::from($ordered), $thingId, $products, (int) $given['after'], $given['seen'], SignedIn::user())
            ?? abort(404));
    }

    public function clear(Request $request, string $ordered, int $thingId): JsonResponse
    {
        $seen = $request->validate(['seen' => ['required', 'string', 'max:60']])['seen'];

        return $this->answer->of($this->orders->clear(Thing::from($ordered), $thingId, $seen, SignedIn::user())
            ?? abort(404));
    }
}
