<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Customers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SameTime;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Records\Models\Catalogue\Review;
use Vestibra\App\Shop\Reviews;

/** Reviews that wait to be read, and those that were. */
final readonly class ReviewsController
{
    private const STATES = [Reviews::WAITING, Reviews::READ, Reviews::REFUSED];

    public function __construct(private Reviews $reviews)
    {
    }

    public function index(): View
    {
        return Screen::show('reviews', 'Reviews', $this->reviews->page(Reviews::WAITING, 1));
    }

    public function rows(Request $request): JsonResponse
    {
        return new JsonResponse($this->reviews
            ->page($this->state($request) ?? Reviews::WAITING, Asked::page($request)));
    }

    public function decide(Request $request, int $review): JsonResponse
    {
        $state = $this->state($request);
        if ($state === null) {
            return new JsonResponse(
                ['message' => 'A review waits, is shown, or is refused. Nothing was changed.'],
                422,
            );
        }

        return DB::transaction(function () use ($request, $review, $state): JsonResponse {
            $values =
                SameTime::of($request, ['state' => Review::query()->toBase()->where('id', $review)->value('state')], [
                    'state' => $state,
                ]);
            if ($values instanceof JsonResponse) {
                return $values;
            }

            return $this->reviews->decide($review, $state)
                ? new JsonResponse(['id' => $review, 'state' => $state])
                : new JsonResponse(['message' => 'This review is gone. Nothing was changed.'], 404);
        });
    }

    private function state(Request $request): ?string
    {
        $state = Asked::text($request, 'state');

        return in_array($state, self::STATES, true) ? $state : null;
    }
}
