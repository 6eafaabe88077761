<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use DateTimeImmutable;
use Vestibra\Core\Catalogue\PriceChanges;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Templates\Node;

/**
 * The next instant at which a composed page may change by the clock alone: a price of the page's product changes, a
 * block's days begin or end, or what a kind says of itself (a countdown runs out, a badge is not new any more, a price on
 * a card changes). What rules look at is the verdict's to know.
 */
final readonly class Until
{
    /** @return int|null in seconds of Unix time; null when the clock changes nothing */
    public static function of(Node $tree, ComposedNode $page, Context $context): ?int
    {
        $now = $context->now->getTimestamp();
        $later = array_filter(
            [$context->subject instanceof Product ? PriceChanges::after($context->subject->variants, $context->now) : null, ...self::days($tree, $context), ...array_map(static fn (ComposedNode $node): ?int => $node->until, [...$page->walk()])],
            static fn (?int $instant): bool => $instant !== null && $instant > $now,
        );

        return $later === [] ? null : min($later);
    }

    /** @return list<int|null> */
    private static function days(Node $tree, Context $context): array
    {
        $zone = $context->shop->zone();
        $instants = [];
        foreach ($tree->walk() as $node) {
            $days = $node->when['days'] ?? null;
            [$from, $to] = is_array($days) ? [$days['from'] ?? null, $days['to'] ?? null] : [null, null];
            $instants[] = self::seconds(is_string($from) ? $zone->instant($from) : null);
            $instants[] = self::seconds(is_string($to) ? $zone->endOf($to) : null);
        }

        return $instants;
    }

    private static function seconds(?DateTimeImmutable $instant): ?int
    {
        return $instant?->getTimestamp();
    }
}
