<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Sends words compressed to whoever takes them so. */
final class Compressed
{
    /** Less is not worth it. */
    private const LEAST_BYTES = 1024;

    private const LEVEL = 5;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $type = (string) $response->headers->get('Content-Type');
        if ($response instanceof BinaryFileResponse || $response instanceof StreamedResponse
            || $response->headers->has('Content-Encoding')
            || preg_match('~^(text/|application/(json|javascript|xml|ld\+json)|image/svg)~', $type) !== 1) {
            return $response;
        }
        $response->setVary('Accept-Encoding', false);
        $content = (string) $response->getContent();
        if (strlen($content) < self::LEAST_BYTES || ! in_array('gzip', $request->getEncodings(), true)) {
            return $response;
        }
        $small = gzencode($content, self::LEVEL);
        if ($small !== false) {
            $original = $response->headers->get('Content-Type');
            $response->setContent($small);
            $response->headers->set('Content-Type', $original);
            $response->headers->set('Content-Encoding', 'gzip');
            $response->headers->set('Content-Length', (string) strlen($small));
        }

        return $response;
    }
}
