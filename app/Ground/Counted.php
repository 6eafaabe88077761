<?php

declare(strict_types=1);

namespace Vestibra\App\Ground;

/** A number with its words, right for 0, 1 and many. The one helper for it on the server; `counted` is the Studio's. */
final class Counted
{
    /** @return string `1 page`, `2 pages`, `1,200 pages move`; many is one with an s unless it is given */
    public static function of(int $count, string $one, ?string $many = null): string
    {
        return number_format($count).' '.($count === 1 ? $one : $many ?? "{$one}s");
    }
}
