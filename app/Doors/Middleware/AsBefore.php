<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;
use Vestibra\App\Doors\Requests\Asked;

/**
 * A page that is drawn small, as a picture, is sent again only when something that it shows has changed; and without
 * what would run in it, where only a picture of it is wanted.
 */
final class AsBefore
{
    private const RUNS = '~<script\b[^>]*>.*?</script>|<link\b[^>]*\brel="modulepreload"[^>]*>~s';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if ($response->getStatusCode() === Response::HTTP_OK) {
            $page = (string) $response->getContent();
            if (Asked::flag($request, 'still')) {
                // What scripts take away on the page itself is not seen in its picture either.
                $page = str_replace('<html ', '<html class="js" ', preg_replace(self::RUNS, '', $page) ?? $page);
                $response->setContent($page);
            }
            // The nonce is another one each time, and so are the ids of a start's blocks; all else is what is seen.
            $varies = '/'.preg_quote((string) Vite::cspNonce(), '/').'|\bn[0-9a-f]{10}\b/';
            $shown = preg_replace($varies, '', $page) ?? $page;
            $response->setEtag(hash('xxh128', $shown), weak: true);
            $response->isNotModified($request);
        }

        return $response;
    }
}
