<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Altering;

use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Problem;

/**
 * Another price for every variant.
 *
 * @internal
 */
final readonly class PriceAlteration implements Alteration
{
    public function __construct(private PriceStep $amount)
    {
    }

    public function thing(): Thing
    {
        return Thing::Variant;
    }

    public function of(array $fields): array|Problem
    {
        $price = $this->amount->of(is_int($fields['price'] ?? null) ? $fields['price'] : 0);

        return $price instanceof Problem ? $price->code->at('price', ['field' => 'price'] + $price->values) : [
            'price' => $price,
        ];
    }
}
