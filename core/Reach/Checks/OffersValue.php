<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Checks;

use Vestibra\Core\Reach\Features;
use Vestibra\Core\Reach\VariantCheck;

/**
 * Some variant has one of these values.
 *
 * @api
 */
final readonly class OffersValue implements VariantCheck
{
    /** @param  list<int>  $ids of option values */
    public function __construct(public array $ids)
    {
    }

    public function holds(Features $features): bool
    {
        return OffersTogether::some($features, [$this]);
    }

    public function fits(array $values): bool
    {
        return array_intersect($values, $this->ids) !== [];
    }
}
