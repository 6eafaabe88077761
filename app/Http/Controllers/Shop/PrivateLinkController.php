<?php

declare(strict_types=1);

namespace Vestibra\App\Http\Controllers\Shop;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Http\Asked;
use Vestibra\App\Shop\PrivateLinks;

/** Takes somebody who comes by a private link to the product it was made with. */
final readonly class PrivateLinkController
{
    public function __construct(private PrivateLinks $links)
    {
    }

    public function open(Request $request, string $token): RedirectResponse|Response
    {
        $templateId = $this->links->open($token);
        $slug = DB::table('products')->where('published', true)->where('slug', Asked::text($request, 'with', 200))->value('slug')
            ?? DB::table('products')->where('published', true)->orderBy('title_folded')->value('slug');
        if ($templateId === null || ! is_string($slug)) {
            return response()->view('shop::error', [
                'status' => 410,
                'words' => 'This link shows nothing any more. It has expired or was withdrawn. Ask whoever sent it for a new one; the shop itself is open to you.',
            ], 410);
        }

        return redirect('/p/'.rawurlencode($slug))->header('X-Robots-Tag', 'noindex');
    }

    public function close(): RedirectResponse
    {
        $this->links->close();

        return back(fallback: '/');
    }
}
