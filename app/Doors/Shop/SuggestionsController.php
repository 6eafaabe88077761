<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shop;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\App\Shop\Suggestions;
use Vestibra\Core\Selling\Search\Query;

/** What somebody may mean who has begun to type. */
final readonly class SuggestionsController
{
    public function __invoke(Request $request, Suggestions $suggestions, ShopMessages $messages): JsonResponse
    {
        $found = $suggestions->of(Query::of(Asked::text($request, 'q', Query::MOST_LETTERS)));

        return new JsonResponse(
            ['said' => $messages->live()->say('search.count', [
                'count' => count($found['queries']) + count($found['categories']) + count($found['products']),
            ])]
                + $found,
            options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }
}
