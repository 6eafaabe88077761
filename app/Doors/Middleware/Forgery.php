<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Middleware;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Request;

/**
 * Writing is taken only from our own pages. Browsers say which page a request comes from, so that a visitor of whom
 * nothing is remembered needs no token; the Studio asks for one besides, once somebody is signed in.
 */
final class Forgery extends ValidateCsrfToken
{
    protected $addHttpCookie = false;

    /** @param  Request  $request */
    protected function tokensMatch($request): bool
    {
        $ours = self::isFromOurPages($request);

        return match (true) {
            $ours === false => false,
            $request->is('studio/*') && ! $request->is('studio/sign-in') => parent::tokensMatch($request),
            default => $ours === true || ! $request->hasPreviousSession() || parent::tokensMatch($request),
        };
    }

    /** @return bool|null null: the browser does not say */
    public static function isFromOurPages(Request $request): ?bool
    {
        $origin = $request->headers->get('Origin');
        $site = $request->headers->get('Sec-Fetch-Site');

        return match (true) {
            $origin !== null => self::host($origin) === $request->headers->get('Host'),
            $site !== null => in_array($site, ['same-origin', 'none'], true),
            $request->headers->has('Referer') =>
                self::host((string) $request->headers->get('Referer')) === $request->headers->get('Host'),
            default => null,
        };
    }

    /** @return string host and port, as a Host header has them */
    private static function host(string $address): string
    {
        $parts = parse_url($address);

        return is_array($parts) ? ($parts['host'] ?? '').(isset($parts['port']) ? ':'.$parts['port'] : '') : '';
    }
}
