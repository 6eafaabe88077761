<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\Response;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\PagesOut\Walking\Walk;
use Vestibra\App\Work\Releases\Due;

/** Does what is due, should the worker be down, and moves the clock for somebody who walks the shop. */
final readonly class InTheShop
{
    public function __construct(
        private Due $due,
        private Walk $walk,
        private ShopClock $clock,
    ) {
    }

    public function handle(Request $request, Closure $next): Response
    {
        NoRoom::passOver($this->due->run(...));
        if ($this->walk->isOn() && Gate::allows('see-studio')) {
            $this->clock->moveTo($this->walk->at());
        }
        /** @var Response $response */
        $response = $next($request);

        return $response;
    }
}
