<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Middleware;

use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Vestibra\App\Records\Settings\ShopAddress;

/**
 * One address for one page: with a slash at its end, or the name of the script before it, it leads to the page's own.
 */
final class OneAddress
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        ShopAddress::askedAt($request->getScheme(), $request->getHttpHost());
        $asked = $request->getPathInfo();
        $path = '/'.trim($asked, '/');
        // What browsers would read as another host is answered as it is: there is nothing there.
        $isSlip = ($request->getBaseUrl() !== '' || ($asked !== '/' && str_ends_with($asked, '/')))
            && ! str_starts_with($asked, '//')
            && ! str_contains($asked, '\\');
        if (! $isSlip || ! in_array($request->getMethod(), ['GET', 'HEAD'], true)) {
            return $next($request);
        }
        $query = $request->getQueryString();

        return new RedirectResponse($path.($query === null ? '' : "?$query"), 301, ['Cache-Control' => 'no-cache']);
    }
}
