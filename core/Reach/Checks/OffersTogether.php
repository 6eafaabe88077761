<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Checks;

use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Reach\VariantCheck;

/**
 * Several conditions on options that must hold for one and the same variant.
 *
 * @api
 */
final readonly class OffersTogether implements Check
{
    /** @param  list<VariantCheck>  $parts */
    public function __construct(public array $parts)
    {
    }

    public function holds(Features $features): bool
    {
        return self::some($features, $this->parts);
    }

    /** @param  list<VariantCheck>  $parts */
    public static function some(Features $features, array $parts): bool
    {
        foreach ($features->variants as $values) {
            foreach ($parts as $part) {
                if (! $part->fits($values)) {
                    continue 2;
                }
            }

            return true;
        }

        return false;
    }
}
