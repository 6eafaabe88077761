<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets in only what an address or a body may be: text without NUL, nothing larger than what is taken. What another site
 * says about where the visitor came from is not believed.
 */
final class PlainAddress
{
    /** Of a body that is no file. */
    public const MOST_BYTES = 2_000_000;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (str_contains(rawurldecode($request->getRequestUri()), "\0")) {
            abort(400);
        }
        $isUpload = str_starts_with((string) $request->headers->get('Content-Type'), 'multipart/form-data');
        if (! $isUpload && (
            (int) $request->headers->get('Content-Length') > self::MOST_BYTES
                || strlen($request->getContent()) > self::MOST_BYTES
        )) {
            abort(413);
        }
        if ($request->isJson()
            && trim($request->getContent()) !== ''
            && json_decode($request->getContent()) === null
            && json_last_error() !== JSON_ERROR_NONE) {
            return new JsonResponse(
                [
                    'message' => 'What was sent cannot be read: '
                        .lcfirst(json_last_error_msg())
                        .'. Nothing was changed; check it and send it again.',
                ],
                400,
            );
        }
        $from = parse_url((string) $request->headers->get('Referer'), PHP_URL_HOST);
        if ($from !== $request->getHost()) {
            $request->headers->remove('Referer');
        }

        foreach ([$request->query, $request->request] as $given) {
            $given->replace(self::readable($given->all()));
        }

        return $next($request);
    }

    /**
     * Bytes that are no text become the sign for that, in names and values.
     *
     * @param  array<array-key, mixed>  $given
     * @return array<array-key, mixed>
     */
    private static function readable(array $given): array
    {
        $readable = [];
        foreach ($given as $name => $value) {
            $readable[is_string($name) ? mb_scrub($name) : $name] = match (true) {
                is_string($value) => mb_scrub($value),
                is_array($value) => self::readable($value),
                default => $value,
            };
        }

        return $readable;
    }
}
