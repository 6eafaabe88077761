<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;

/** Keeps anew which template changed pages have, so that nobody waits for it. Running it once more does no harm. */
final class RefreshVerdicts implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public function handle(KeepingVerdicts $verdicts): void
    {
        $verdicts->bringUp();
    }
}
