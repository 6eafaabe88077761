<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Closure;

/**
 * Brings stored trees, blocks and edits of an older format forward, one format at a time. What is malformed is left for
 * the readers.
 *
 * @api
 */
final class TreeFormats
{
    public const CURRENT = 5;

    /**
     * @param  mixed  $node  a block as it was stored, with everything in it
     * @return mixed the same in the current format
     */
    public static function node(mixed $node, int $format): mixed
    {
        $node = $format < 2 ? self::nodeFromFormat1($node) : $node;
        $node = $format < 3 ? self::nodeFromFormat2($node) : $node;
        $node = $format < 4 ? OlderStyles::node($node) : $node;

        return $format < 5 ? OlderClaims::node($node) : $node;
    }

    /**
     * @param  array<array-key, mixed>  $edit  as it was stored
     * @param  (Closure(string): (string|null))|null  $kindOf  the kind of the block with an id
     * @return array<array-key, mixed> the same in the current format; trees in it say their own
     */
    public static function edit(array $edit, int $format, ?Closure $kindOf = null): array
    {
        $edit = $format < 2 ? self::editFromFormat1($edit) : $edit;
        if ($format < 3 && isset($edit['node'])) {
            $edit['node'] = self::nodeFromFormat2($edit['node']);
        }

        $edit = $format < 4 ? OlderStyles::edit($edit, $kindOf) : $edit;
        if ($format < 5 && isset($edit['node'])) {
            $edit['node'] = OlderClaims::node($edit['node']);
        }

        return $edit;
    }

    /** @phpstan-assert-if-true int $format */
    public static function knows(mixed $format): bool
    {
        return is_int($format) && $format >= 1 && $format <= self::CURRENT;
    }

    /**
     * Format 1 said *when product* of what a block appears only where; since then pages need not be about a product.
     */
    private static function nodeFromFormat1(mixed $node): mixed
    {
        if (! is_array($node)) {
            return $node;
        }
        if (is_array($node['when'] ?? null) && array_key_exists('product', $node['when'])) {
            $node['when']['where'] = $node['when']['product'];
            unset($node['when']['product']);
        }
        if (is_array($node['children'] ?? null)) {
            $node['children'] = array_map(self::nodeFromFormat1(...), $node['children']);
        }

        return $node;
    }

    /** Format 2 had a kind of block for picked products alone; since then a product grid says itself what feeds it. */
    private static function nodeFromFormat2(mixed $node): mixed
    {
        if (! is_array($node)) {
            return $node;
        }
        if (($node['kind'] ?? null) === 'product-cards') {
            $node['kind'] = 'product-grid';
            $node['what'] = ['feed' => 'chosen', 'titled' => true]
                + (is_array($node['what'] ?? null) ? $node['what'] : []);
        }
        if (is_array($node['children'] ?? null)) {
            $node['children'] = array_map(self::nodeFromFormat2(...), $node['children']);
        }

        return $node;
    }

    /**
     * @param  array<array-key, mixed>  $edit
     * @return array<array-key, mixed>
     */
    private static function editFromFormat1(array $edit): array
    {
        if (($edit['question'] ?? null) === 'when' && ($edit['setting'] ?? null) === 'product') {
            $edit['setting'] = 'where';
        }
        if (isset($edit['node'])) {
            $edit['node'] = self::nodeFromFormat1($edit['node']);
        }

        return $edit;
    }
}
