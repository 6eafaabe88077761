<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Layout;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\PagesOut\Walking\PrivateLinks;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Records\Models\Template;

/** Private links to a template's draft: made, listed, withdrawn. */
final readonly class PrivateLinksController
{
    public function __construct(private PrivateLinks $links)
    {
    }

    public function index(Template $template): JsonResponse
    {
        return new JsonResponse(['links' => $this->links->of($template->id)]);
    }

    public function store(Request $request, Template $template, PagesOfTheShop $pages): JsonResponse
    {
        $days = Asked::number($request, 'days', 0, 0, PrivateLinks::MOST_DAYS + 1);
        if ($days < 1 || $days > PrivateLinks::MOST_DAYS) {
            return new JsonResponse(['message' => 'A private link holds from 1 to 60 days. None was made.'], 422);
        }
        $token = $this->links->make($template->id, SignedIn::user()->id, $days);
        $slug = $pages->get($template->knownKind())->read(Asked::id($request, 'sample'))?->slug();

        return new JsonResponse([
            'address' => "/look/$token".(is_string($slug) ? '?with='.rawurlencode($slug) : ''),
            'links' => $this->links->of($template->id),
        ], 201);
    }

    public function withdraw(Template $template, int $link): JsonResponse
    {
        $this->links->withdraw($template->id, $link) || abort(404);

        return new JsonResponse(['links' => $this->links->of($template->id)]);
    }
}
