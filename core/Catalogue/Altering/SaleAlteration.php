<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Altering;

use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Problem;

/**
 * Every variant is on sale, at a price made of its own, within some days; or is not any more.
 *
 * @internal
 */
final readonly class SaleAlteration implements Alteration
{
    /**
     * @param  PriceStep|null  $amount  null: the sale ends
     * @param  string|null  $from  as fields of days have it
     */
    public function __construct(
        private ?PriceStep $amount,
        private ?string $from = null,
        private ?string $until = null,
    ) {
    }

    public function thing(): Thing
    {
        return Thing::Variant;
    }

    public function of(array $fields): array|Problem
    {
        $price = is_int($fields['price'] ?? null) ? $fields['price'] : 0;
        $sale = $this->amount?->of($price);

        return match (true) {
            $sale instanceof Problem =>
                $sale->code->at('salePrice', ['field' => 'sale price'] + $sale->values),
            $sale !== null && $sale >= $price => CatalogueProblem::SaleNotBelow->at('salePrice'),
            default => [
                'salePrice' => $sale,
                'saleFrom' => $sale === null ? null : $this->from,
                'saleUntil' => $sale === null ? null : $this->until,
            ],
        };
    }
}
