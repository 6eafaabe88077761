<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use DateTimeImmutable;
use Vestibra\Core\Catalogue\PriceChanges;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Templates\Node;

/**
 * The next instant at which a composed page may change by the clock alone: a price of the page's product changes, a
 * block's days begin or end, or what a kind says of itself (a countdown runs out, a badge is not new any more, a price
 * on a card changes). What rules look at is the verdict's to know.
 *
 * @internal
 */
final readonly class Until
{
    /** @return int|null in seconds of Unix time; null when the clock changes nothing */
    public static function of(Node $tree, ComposedNode $page, Context $context): ?int
    {
        return self::next($context, self::days($tree, $context), $page);
    }

    /**
     * @param  list<int|null>  $days  when the days of the card's blocks begin and end
     * @return int|null as of a page
     */
    public static function ofCard(ComposedNode $card, array $days, Context $context): ?int
    {
        return self::next($context, $days, $card);
    }

    /** @param  list<int|null>  $days */
    private static function next(Context $context, array $days, ComposedNode $composed): ?int
    {
        $now = $context->now->getTimestamp();
        $next = $context->subject instanceof Product
            ? PriceChanges::after($context->subject->variants, $context->now)
            : null;
        foreach ($days as $instant) {
            $next = self::sooner($next, $instant, $now);
        }
        foreach ($composed->walk() as $node) {
            $next = self::sooner($next, $node->until, $now);
            foreach ($node->cards as $card) {
                $next = self::sooner($next, $card->until, $now);
            }
        }

        return $next;
    }

    private static function sooner(?int $next, ?int $instant, int $now): ?int
    {
        return $instant === null || $instant <= $now || ($next !== null && $next <= $instant) ? $next : $instant;
    }

    /** @return list<int|null> when the days of blocks begin and end */
    public static function days(Node $tree, ?Context $context): array
    {
        if ($context === null) {
            return [];
        }
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
