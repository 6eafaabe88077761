<?php

declare(strict_types=1);

namespace Vestibra\App\Ground;

use Closure;

/** How much room is left where a folder lies. */
final readonly class DiskRoom
{
    /** @var Closure(string): (float|false) */
    private Closure $measure;

    /** @param  (Closure(string): (float|false))|null  $measure  folder => bytes; false where nobody can tell */
    public function __construct(?Closure $measure = null)
    {
        $this->measure = $measure ?? static fn (string $folder): float|false => @disk_free_space($folder);
    }

    /** @return int|null bytes; null where nobody can tell */
    public function free(string $folder): ?int
    {
        $free = ($this->measure)($folder);

        return $free === false ? null : (int) $free;
    }

    /** Whether so many bytes can be laid there. */
    public function takes(string $folder, int $bytes): bool
    {
        $free = $this->free($folder);

        return $free === null || $free >= $bytes;
    }
}
