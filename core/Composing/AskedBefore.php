<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Schema;

/**
 * What the blocks of a page need that the shop is asked for before the first of them is composed.
 *
 * @api
 */
final readonly class AskedBefore
{
    /**
     * @param  bool  $list  the products of the page, as somebody asked for them
     * @param  array<string, array{product: int, holder: Node}>  $others  another product than the page is about, by the
     *     id of the holder that shows it; what stands in such a holder is asked for with its product
     */
    private function __construct(
        public bool $list,
        public array $others,
    ) {
    }

    /** @param  Node  $tree  of a page, or a holder with what stands in it: what that is about is settled */
    public static function of(Node $tree, Schema $schema, SubjectKind $subject): self
    {
        $others = [];
        $list = false;
        foreach ($tree->children as $child) {
            $list = self::looked($child, $schema, $subject, $others) || $list;
        }

        return new self($list, $others);
    }

    /** @param  array<string, array{product: int, holder: Node}>  $others */
    private static function looked(Node $node, Schema $schema, SubjectKind $subject, array &$others): bool
    {
        $definition = $schema->definition($node->kind);
        $product = $definition?->anotherOf($node);
        if ($product !== null) {
            $others[$node->id] = ['product' => $product, 'holder' => $node];

            return false;
        }
        $list = $definition !== null
            && $definition->reads($node)
            && $definition->fits($subject)
            && ($node->when['off'] ?? false) !== true;
        foreach ($node->children as $child) {
            $list = self::looked($child, $schema, $subject, $others) || $list;
        }

        return $list;
    }
}
