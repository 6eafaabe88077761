<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Changing;

/**
 * When customers see a product: what follows from its days. A day that has come is taken out, so that it is not done
 * twice. Instants are RFC 3339 in UTC, which compare as text.
 *
 * @api
 */
final class OnTheShelf
{
    /**
     * @param  array<string, mixed>  $product  all its fields
     * @return array<string, mixed> the fields that are otherwise at that instant
     */
    public static function at(array $product, string $now): array
    {
        $from = $product['shownFrom'] ?? null;
        $until = $product['shownUntil'] ?? null;
        $changed = [];
        if (is_string($from)) {
            $changed = $from <= $now ? ['published' => true, 'shownFrom' => null] : ['published' => false];
        }
        if (is_string($until) && $until <= $now) {
            $changed = ['published' => false, 'shownUntil' => null] + $changed;
        }
        if (($changed + $product)['published'] === true && ($product['added'] ?? null) === null) {
            $changed['added'] = is_string($from) && $from <= $now ? $from : $now;
        }

        return array_filter(
            $changed,
            static fn (mixed $value, string $name): bool => $value !== ($product[$name] ?? null),
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /**
     * A change of a product with what follows from it at once.
     *
     * @param  array<string, mixed>|null  $stands
     */
    public static function settled(Change $change, ?array $stands, string $now): Change
    {
        if ($change->thing !== Thing::Product || $change->after === null || ($change->before !== null
            && array_intersect($change->fields(), ['published', 'shownFrom', 'shownUntil']) === [])) {
            return $change;
        }
        $more = self::at($change->after + ($stands ?? []), $now);
        $before = $change->before === null ? null : $change->before + array_intersect_key($stands ?? [], $more);

        return new Change($change->thing, $change->id, $before, $more + $change->after, $change->alongside);
    }
}
