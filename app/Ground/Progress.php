<?php

declare(strict_types=1);

namespace Vestibra\App\Ground;

use Illuminate\Support\Facades\Cache;

/**
 * How far long work is, for whoever waits for it in another request; and whether they want it stopped. It lies beside
 * the shop's data, which the work may hold on to meanwhile.
 */
final readonly class Progress
{
    private const MINUTES = 30;

    /** @param  string  $key  of the work, made up by whoever asked for it */
    public function __construct(private string $key)
    {
    }

    /** @return bool whether to go on */
    public function note(string $what, int $done, int $all): bool
    {
        if ($this->key === '') {
            return true;
        }
        Cache::put("progress $this->key", [$what, $done, $all], now()->addMinutes(self::MINUTES));

        return ! $this->isStopped();
    }

    /** Whether somebody wants it stopped. */
    public function isStopped(): bool
    {
        return Cache::get("stop $this->key") === true;
    }

    /** @return array{what: string, done: int, all: int} */
    public function read(): array
    {
        $noted = Cache::get("progress $this->key");
        [$what, $done, $all] = is_array($noted) && count($noted) === 3 ? array_values($noted) : ['', 0, 0];

        return [
            'what' => is_string($what) ? $what : '',
            'done' => is_int($done) ? $done : 0,
            'all' => is_int($all) ? $all : 0,
        ];
    }

    public function stop(): void
    {
        Cache::put("stop $this->key", true, now()->addMinutes(self::MINUTES));
    }
}
