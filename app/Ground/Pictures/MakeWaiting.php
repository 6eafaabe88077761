<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Pictures;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Support\Facades\Queue;
use RuntimeException;
use Vestibra\App\Ground\QueuedBefore;

/** Makes the sizes of pictures that wait for them, a few at a time, so that other work has its turn in between. */
final class MakeWaiting implements ShouldQueue
{
    use Queueable;
    use QueuedBefore;

    /** Seconds after which other work has its turn. */
    private const TURN = 10;

    public int $tries = 2;

    /** @param  int  $after  the picture that was looked at last: none is tried twice in one go */
    public function __construct(private int $after = 0)
    {
    }

    public function handle(Sizes $sizes): void
    {
        $until = time() + self::TURN;
        while (($id = WaitingPictures::next($this->after)) !== null) {
            if (time() >= $until) {
                Queue::push(new self($this->after));

                return;
            }
            $this->after = $id;
            try {
                $sizes->make($id);
            } catch (RuntimeException $broken) {
                report($broken);
            }
        }
    }
}
