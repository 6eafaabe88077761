<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

/**
 * The owner's own order of many products. Only so many of them are placed as had to be: they come first, in their
 * order, and the others after them as they would stand without one.
 *
 * @api
 */
final readonly class OwnOrder
{
    /** After all others. */
    public const LAST = -1;

    /** Before all others. */
    public const FIRST = 0;

    /**
     * Some products right after another one.
     *
     * @param  list<int>  $placed  products in the owner's order, seen or not
     * @param  list<int>  $shown  all products as customers see them, with those that are placed first
     * @param  list<int>  $moved  products among those that are shown, in the order in which they are to stand
     * @param  int  $after  one of the others, FIRST or LAST
     * @return list<int>|null what is placed then; null when it is asked for with what is not there
     */
    public static function moved(array $placed, array $shown, array $moved, int $after): ?array
    {
        $rest = array_values(array_diff($shown, $moved));
        $at = match ($after) {
            self::FIRST => 0,
            self::LAST => count($rest),
            default => array_search($after, $rest, true),
        };
        if ($moved === [] || array_diff($moved, $shown) !== [] || ($after > 0 && $at === false)) {
            return null;
        }
        $at = $after > 0 ? (int) $at + 1 : (int) $at;
        $before = array_slice($rest, 0, $at);
        $left = array_values(array_diff($placed, $moved));
        $unplaced = array_values(array_diff($before, $left));
        $next = $rest[$at] ?? null;
        $place = $next === null ? false : array_search($next, $left, true);

        return $place === false
            ? [...$left, ...$unplaced, ...$moved]
            : [...array_slice($left, 0, $place), ...$moved, ...array_slice($left, $place)];
    }
}
