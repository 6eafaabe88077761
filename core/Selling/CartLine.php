<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling;

/**
 * One line of the cart. Prices in minor units.
 *
 * @api
 */
final readonly class CartLine
{
    public function __construct(
        public int $variantId,
        public int $quantity,
        public Price $price,
    ) {
    }

    public function total(): int
    {
        return $this->quantity * $this->price->now;
    }
}
