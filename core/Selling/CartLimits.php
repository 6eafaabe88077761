<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling;

/**
 * How much a cart holds.
 *
 * @api
 */
final class CartLimits
{
    /** Of one variant. */
    public const MOST = 99;

    public const MOST_LINES = 100;

    /**
     * @param  int|null  $stock  null: it is not counted
     * @return int how many of a variant a line holds when somebody wants so many: never more than there are
     */
    public static function quantity(int $wanted, ?int $stock): int
    {
        return max(0, min($wanted, self::MOST, $stock ?? self::MOST));
    }

    /**
     * @param  array<int, int>  $quantities  by variant
     * @return array<int, int> with the variant's line; a line more than the cart takes is left out
     */
    public static function put(array $quantities, int $variant, int $wanted, ?int $stock): array
    {
        $quantity = self::quantity($wanted, $stock);
        if ($quantity === 0) {
            unset($quantities[$variant]);
        } elseif (isset($quantities[$variant]) || count($quantities) < self::MOST_LINES) {
            $quantities[$variant] = $quantity;
        }

        return $quantities;
    }
}
