<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Errands;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;

/** Does an errand, if nobody does it already. Running it once more does no harm. */
final class RunErrand implements ShouldQueue
{
    use Queueable;

    /** What somebody waits for is done before what nobody waits for. */
    public const QUEUE = 'errands';

    public int $tries = 3;

    /** In seconds. */
    public int $timeout = 3_600;

    public function __construct(private readonly string $name)
    {
    }

    public function handle(Errands $errands): void
    {
        $errands->run($this->name);
    }
}
