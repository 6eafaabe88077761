<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Layout;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Work\Why\Ladder;
use Vestibra\Core\Pages\PageKind;

/** "Why this template?" for one page. */
final readonly class WhyController
{
    public function __construct(
        private PagesOfTheShop $pages,
        private Ladder $ladder,
        private ShopClock $clock,
    ) {
    }

    public function show(string $pageKind, string $slug = ''): View
    {
        $kind = PageKind::from($pageKind);
        $subject = $this->pages->get($kind)->bySlug($slug) ?? abort(404);

        return Screen::show('why', "Why {$subject->title()} looks like this", ['ladder' => $this->ladder
            ->of($kind, $subject)]);
    }

    public function ladder(Request $request, string $pageKind, int $subjectId): JsonResponse
    {
        $kind = PageKind::from($pageKind);
        $subject = $this->pages->get($kind)->read($subjectId) ?? abort(404);
        $at = Asked::text($request, 'at', 40);
        $this->clock->moveTo($at === '' ? null : $this->clock->zone->instant($at));

        return new JsonResponse($this->ladder->of($kind, $subject));
    }
}
