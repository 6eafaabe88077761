<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/**
 * Only what the application ships runs and shows: no foreign scripts, styles, frames or forms; and no way out to a
 * foreign host.
 */
final class SecurityHeaders
{
    private const YEAR = 31_536_000;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $nonce = Vite::useCspNonce();
        $response = $next($request);
        foreach ([
            'Content-Security-Policy' => implode('; ', [
                "default-src 'self'",
                "script-src 'self' 'nonce-$nonce'",
                "style-src 'self' 'nonce-$nonce'",
                "img-src 'self' data:",
                "object-src 'none'",
                "base-uri 'none'",
                "form-action 'self'",
                "frame-ancestors 'self'",
            ]),
            'X-Content-Type-Options' => 'nosniff',
            'Referrer-Policy' => 'same-origin',
            'Permissions-Policy' => 'camera=(), microphone=(), geolocation=(), payment=(), usb=(), browsing-topics=()',
        ] + ($request->isSecure() ? ['Strict-Transport-Security' => 'max-age='.self::YEAR] : []) as $name => $value) {
            // What says more about itself, as a file in its sandbox, keeps that; and so does a page that is as before,
            // whose scripts carry the nonce of then.
            $response->headers->has($name)
                || $response->getStatusCode() === Response::HTTP_NOT_MODIFIED
                || $response->headers->set($name, $value);
        }
        $this->stayHere($request, $response);

        return $response;
    }

    /** The way to another page of ours is told without a host: what a request says of its host is not repeated. */
    private function stayHere(Request $request, Response $response): void
    {
        $location = (string) $response->headers->get('Location');
        $here = $request->getSchemeAndHttpHost();
        if ($location === $here || str_starts_with($location, "$here/")) {
            $response->headers->set('Location', substr($location, strlen($here)) ?: '/');
        }
    }
}
