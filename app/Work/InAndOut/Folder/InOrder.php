<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Folder;

/** Places in an order, where only what stands otherwise than before gets another. */
final class InOrder
{
    /**
     * @param  list<int>  $wanted  in their new order; new ones have numbers below zero
     * @param  array<int, int>  $places  of those that were there, in their old order
     * @return array<int, int> the places that change, and those of new ones
     */
    public static function places(array $wanted, array $places): array
    {
        $old = array_values(array_filter($wanted, static fn (int $id): bool => isset($places[$id])));
        $new = array_slice($wanted, count($old));
        $kept = array_values(array_intersect(array_keys($places), $old)) === $old
            && array_filter($new, static fn (int $id): bool => isset($places[$id])) === [];
        if (! $kept) {
            return array_filter(
                array_flip($wanted),
                static fn (int $place, int $id): bool => ($places[$id] ?? null) !== $place,
                ARRAY_FILTER_USE_BOTH,
            );
        }
        $next = $places === [] ? 0 : max($places) + 1;

        return array_combine($new, array_map(static fn (int $index): int => $next + $index, array_keys($new)));
    }
}
