<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

use DateTimeImmutable;

/**
 * One thing that can be put in the cart. Prices are in minor units of the shop's currency.
 *
 * @api
 */
final readonly class Variant
{
    /**
     * @param  array<int, int>  $values  option id => value id
     * @param  int|null  $stock  null where stock is not counted
     * @param  DateTimeImmutable|null  $saleFrom  included
     * @param  DateTimeImmutable|null  $saleUntil  not included
     * @param  string  $barcode  thirteen digits; empty for none
     */
    public function __construct(
        public int $id,
        public string $sku,
        public array $values,
        public int $price,
        public ?int $salePrice = null,
        public ?DateTimeImmutable $saleFrom = null,
        public ?DateTimeImmutable $saleUntil = null,
        public ?int $stock = null,
        public ?int $pictureId = null,
        public string $barcode = '',
        public ?Contents $contents = null,
    ) {
    }

    /** On sale: a sale price below the regular one, within the sale's dates. */
    public function isOnSale(DateTimeImmutable $now): bool
    {
        return $this->salePrice !== null
            && $this->salePrice < $this->price
            && ($this->saleFrom === null || $this->saleFrom <= $now)
            && ($this->saleUntil === null || $now < $this->saleUntil);
    }

    public function priceAt(DateTimeImmutable $now): int
    {
        return $this->salePrice !== null && $this->isOnSale($now) ? $this->salePrice : $this->price;
    }

    public function isInStock(): bool
    {
        return $this->stock === null || $this->stock > 0;
    }
}
