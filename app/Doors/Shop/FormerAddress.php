<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shop;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Vestibra\App\Records\Stored\OldAddresses;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Pages\PageKind;

/** The way from an address that a page had to the one of today. */
final readonly class FormerAddress
{
    public function __construct(private OldAddresses $addresses)
    {
    }

    /**
     * With what was asked for behind it. Browsers ask again each time: a new name may be taken back.
     *
     * @return RedirectResponse|null null where the address was never anybody's
     */
    public function lead(Request $request, PageKind $kind, string $slug): ?RedirectResponse
    {
        $thing = Thing::tryFrom($kind->value);
        $found = $thing === null ? null : $this->addresses->thing($thing, $slug);
        if ($found === null) {
            return null;
        }
        $place = mb_substr($request->getPathInfo(), 0, (int) mb_strrpos($request->getPathInfo(), '/'));
        $query = $request->getQueryString();

        return new RedirectResponse("$place/".rawurlencode($found['slug']).($query === null ? '' : "?$query"), 301, [
            'Cache-Control' => 'no-cache',
        ]);
    }
}
