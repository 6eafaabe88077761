<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Numbers;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;

/**
 * Counts what is missing of the numbers of products, so that nobody waits for it. Running it once more does no harm.
 */
final class RefreshCounts implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public function handle(KeepingCounts $counts): void
    {
        $counts->bringUp();
    }
}
