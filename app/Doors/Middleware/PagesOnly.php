<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Vestibra\App\Records\Models\Template;

/**
 * What only a template of pages of a known kind has: a reach, a fitting, private links, a place as the fallback, being
 * taken off.
 */
final readonly class PagesOnly
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $template = $request->route('template');
        if ($template instanceof Template && $template->pageKind() === null) {
            abort(404);
        }

        return $next($request);
    }
}
