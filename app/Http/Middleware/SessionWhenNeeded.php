<?php

declare(strict_types=1);

namespace Vestibra\App\Http\Middleware;

use Closure;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Symfony\Component\HttpFoundation\Response;

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
        $had = self::remembers($session);
        $response = $next($request);
        if ($had || self::remembers($session)) {
            $this->collectGarbage($session);
            $this->addCookieToResponse($response, $session);
            $this->saveSession($request);
        }

        return $response;
    }

    private static function remembers(Session $session): bool
    {
        return array_diff_key($session->all(), array_flip(self::BY_ITSELF)) !== [];
    }
}
