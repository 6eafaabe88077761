<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * A type of setting whose values name things of the shop.
 *
 * @internal
 */
interface NamesThings
{
    /**
     * @return list<array{string, int}> what a value that it accepts names: `picture`, `film`, `file`, `fact`, `option`,
     *     `product`, `part`, … and its number
     */
    public function names(mixed $value): array;
}
