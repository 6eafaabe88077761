<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Pictures;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Vestibra\App\Ground\QueuedBefore;

/** Makes a picture's sizes; until then its original is served. Running it once more does no harm. */
final class MakeSizes implements ShouldQueue
{
    use Queueable;
    use QueuedBefore;

    public int $tries = 2;

    public function __construct(private readonly int $pictureId)
    {
    }

    public function handle(Sizes $sizes): void
    {
        $sizes->make($this->pictureId);
    }
}
