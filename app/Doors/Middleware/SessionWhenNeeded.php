<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Middleware;

use Closure;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Session\Store;
use Symfony\Component\HttpFoundation\Response;
use Vestibra\App\Ground\Database\Sql\SqliteSessions;
use Vestibra\App\Ground\NoRoom;

/** Begins a session, with its cookie, only once something has to be remembered of a visitor. */
final class SessionWhenNeeded extends StartSession
{
    /** What every session has by itself. */
    private const BY_ITSELF = ['_token', '_previous', '_flash'];

    /**
     * @param  Session  $session
     * @param  Closure(Request): Response  $next
     */
    protected function handleStatefulRequest(Request $request, $session, Closure $next): Response
    {
        $request->setLaravelSession($this->startSession($request, $session));
        $had = self::remembered($session);
        $response = $next($request);
        if ($had !== [] || self::remembered($session) !== []) {
            $has = self::remembered($session);
            $this->collectGarbage($session);
            $this->addCookieToResponse($response, $session);
            $this->saveSession($request);
            $kept = $session instanceof Store ? $session->getHandler() : null;
            // Whoever only reads misses nothing; whoever put something into the cart, or signed in, is told.
            if ($kept instanceof SqliteSessions && ! $kept->hasRoom && $has !== $had) {
                throw new NoRoom;
            }
        }

        return $response;
    }

    /** @return array<string, mixed> */
    private static function remembered(Session $session): array
    {
        return array_diff_key($session->all(), array_flip(self::BY_ITSELF));
    }
}
