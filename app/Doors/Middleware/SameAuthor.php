<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Words\ProblemWords;
use Vestibra\Core\Templates\EditProblem;

/**
 * Work is taken under the name of whoever made it: a window that outlived its sign-in sends nothing under the next
 * one's.
 */
final readonly class SameAuthor
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $author = Asked::untrusted($request, 'author');
        if ($author !== null && $author !== SignedIn::user()->id) {
            return new JsonResponse(
                ProblemWords::answer([EditProblem::OtherAuthor->at()]) + ['otherAuthor' => true],
                409,
            );
        }

        return $next($request);
    }
}
