<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shop;

/** Where no address leads: the answer is the same as for what is gone, and is made in one place. */
final readonly class NowhereController
{
    public function __invoke(): never
    {
        abort(404);
    }
}
