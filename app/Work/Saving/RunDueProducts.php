<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;

/** Shows and hides products whose day has come. Set for each such day; running it once more does no harm. */
final class RunDueProducts implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public function handle(ShowingDays $shelf): void
    {
        $shelf->runDue();
    }
}
