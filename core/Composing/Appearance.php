<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Types\Conditions;

/**
 * When a block appears, as far as the page's subject and the calendar decide. Widths become CSS.
 *
 * @internal
 */
final readonly class Appearance
{
    /** @return string|null why it does not appear, in the shopkeeper's words; null when it does */
    public static function absent(Node $node, Context $context): ?string
    {
        if (($node->when['off'] ?? false) === true) {
            return 'switched off';
        }
        $days = $node->when['days'] ?? null;
        $closed = is_array($days) ? self::outside($days, $context) : null;
        if ($closed !== null) {
            return $closed;
        }
        $conditions = $node->when['where'] ?? null;
        if (! is_array($conditions) || $conditions === []) {
            return null;
        }
        $failed = $context->shop->failed(Conditions::read($conditions) ?? []);

        return $failed === null ? null : "appears only where $failed";
    }

    /** @param  array<array-key, mixed>  $days */
    private static function outside(array $days, Context $context): ?string
    {
        $zone = $context->shop->zone();
        [$from, $to] = [$days['from'] ?? null, $days['to'] ?? null];
        if (is_string($from) && $context->now < $zone->instant($from)) {
            return 'appears from '.self::day($from).' on';
        }
        if (is_string($to) && $context->now >= $zone->endOf($to)) {
            return 'appeared until '.self::day($to);
        }

        return null;
    }

    private static function day(string $date): string
    {
        return (ShopZone::of('UTC')->instant($date) ?? throw new \LogicException("$date is no day."))->format('j F Y');
    }
}
