<?php

declare(strict_types=1);

namespace Vestibra\App\Ground;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Queue;

/** Work in the background that many may ask for at once: it is asked for once in a while, as far as there is room. */
final class Soon
{
    /** In seconds. */
    private const ONCE_IN = 20;

    public static function ask(ShouldQueue $work): void
    {
        NoRoom::passOver(static fn () => Cache::add('asked for '.$work::class, true, self::ONCE_IN)
            && Queue::push($work));
    }
}
