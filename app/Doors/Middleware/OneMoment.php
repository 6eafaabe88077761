<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Vestibra\App\Ground\ShopClock;

/** A request is answered as of one moment: the shop's clock stands still for it. */
final readonly class OneMoment
{
    public function __construct(private ShopClock $clock)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $this->clock->stop();
        try {
            return $next($request);
        } finally {
            $this->clock->goOn();
        }
    }
}
