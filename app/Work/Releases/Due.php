<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases;

use Illuminate\Contracts\Container\Container;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Work\Releases\Sql\DueRows;
use Vestibra\App\Work\Saving\ShowingDays;

/**
 * What waits for its time, done with the next request should the worker be down: asked for in one query; what does it
 * is made only when there is something to do.
 */
final readonly class Due
{
    public function __construct(
        private Container $container,
        private ShopClock $clock,
    ) {
    }

    public function run(): void
    {
        $now = $this->clock->now()->format('Y-m-d H:i:s');
        $due = DueRows::read($now);
        $due->releases && $this->container->make(Releases::class)->runDue();
        $due->products && $this->container->make(ShowingDays::class)->runDue();
    }
}
