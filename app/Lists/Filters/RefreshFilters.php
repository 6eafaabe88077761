<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Filters;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;

/**
 * Packs anew what changed in the catalogue, so that no customer has to wait for it. Running it once more does no harm.
 */
final class RefreshFilters implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public function handle(FilterPacks $packs): void
    {
        $packs->refresh();
    }
}
