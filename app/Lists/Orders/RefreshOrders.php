<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Orders;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;

/**
 * Keeps anew what orders of lists go by, so that no customer has to wait for it. Running it once more does no harm.
 */
final class RefreshOrders implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public function handle(KeptOrders $orders): void
    {
        $orders->bringUp();
    }
}
