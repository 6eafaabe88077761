<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

/**
 * A named value of a fixed kind that a product may carry. Defined once for the shop, filled per product.
 *
 * @api
 */
final readonly class Fact
{
    /**
     * @param  string  $unit  of a number, as `mm`; empty for none
     * @param  int  $decimals  of a number: how many places the scaled whole number is shifted
     */
    public function __construct(
        public int $id,
        public string $name,
        public FactKind $kind,
        public string $unit = '',
        public int $decimals = 0,
    ) {
    }
}
