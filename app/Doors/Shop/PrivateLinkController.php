<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shop;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\PagesOut\Walking\PrivateLinks;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Pages\Sql\ShownPages;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Pages\PageKind;

/** Takes somebody who comes by a private link to the page it was made with. */
final readonly class PrivateLinkController
{
    public function __construct(
        private PrivateLinks $links,
        private PagesOfTheShop $pages,
        private Messages $messages,
    ) {
    }

    public function open(Request $request, string $token): RedirectResponse|Response
    {
        $templateId = $this->links->open($token);
        $kind = $templateId === null ? null : Template::query()->find($templateId)?->pageKind();
        $address = $kind === null ? null : $this->address($kind, Asked::text($request, 'with', 200));
        if ($address === null) {
            return response()->view('shop::error', [
                'status' => 410,
                'words' => $this->messages->say('error.410'),
            ], 410);
        }

        return redirect($address)->header('X-Robots-Tag', 'noindex');
    }

    /** The page that it was made with, or the first that there is. */
    private function address(PageKind $kind, string $slug): ?string
    {
        $pages = $this->pages->get($kind);
        $subject = $pages->bySlug($slug);
        if ($subject?->isShown() !== true) {
            $first = ShownPages::first($pages);
            $subject = is_int($first) ? $pages->read($first) : null;
        }

        return $subject === null ? null : PageAddresses::address($kind, $subject->slug());
    }

    public function close(): RedirectResponse
    {
        $this->links->close();

        return back(fallback: '/');
    }
}
