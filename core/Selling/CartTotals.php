<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling;

/**
 * The sums of a cart, in minor units.
 *
 * @api
 */
final readonly class CartTotals
{
    private function __construct(
        public int $items,
        public int $total,
        public int $saving,
    ) {
    }

    /** @param  list<CartLine>  $lines */
    public static function of(array $lines): self
    {
        $items = $total = $saving = 0;
        foreach ($lines as $line) {
            $items += $line->quantity;
            $total += $line->total();
            $saving += $line->quantity * $line->price->saving();
        }

        return new self($items, $total, $saving);
    }
}
