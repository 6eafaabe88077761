<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

use DateTimeImmutable;

/**
 * When prices change by the clock alone.
 *
 * @api
 */
final readonly class PriceChanges
{
    /**
     * @param  list<Variant>  $variants
     * @return int|null the next instant at which a sale begins or ends, in seconds of Unix time
     */
    public static function after(array $variants, DateTimeImmutable $at): ?int
    {
        $next = null;
        foreach ($variants as $variant) {
            foreach ([$variant->saleFrom, $variant->saleUntil] as $instant) {
                if ($instant !== null && $instant > $at && ($next === null || $instant->getTimestamp() < $next)) {
                    $next = $instant->getTimestamp();
                }
            }
        }

        return $next;
    }
}
