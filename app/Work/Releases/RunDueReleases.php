<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;

/**
 * Makes the releases whose time has come. Set for the time of each release that waits; running it once more does no
 * harm.
 */
final class RunDueReleases implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public function handle(Releases $releases): void
    {
        $releases->runDue();
    }
}
