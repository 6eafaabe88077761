<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Checks;

use Vestibra\Core\Reach\Features;
use Vestibra\Core\Reach\VariantCheck;

/**
 * Some variant has one of these options.
 *
 * @api
 */
final readonly class OffersOption implements VariantCheck
{
    /** @param  list<int>  $ids of options */
    public function __construct(public array $ids)
    {
    }

    public function holds(Features $features): bool
    {
        return OffersTogether::some($features, [$this]);
    }

    public function fits(array $values): bool
    {
        foreach ($this->ids as $id) {
            if (isset($values[$id])) {
                return true;
            }
        }

        return false;
    }
}
