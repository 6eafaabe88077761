<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * Puts into a tree what is kept elsewhere: shared parts, and the blocks that one product has as a fact. What comes in gets
 * ids that name the place too (`place-id`), so that the same part may stand on a page twice. A part holds no part, and a
 * product's own blocks hold neither. A holder about another product is left to be filled with what that one has.
 */
final readonly class Filling
{
    public const PART = 'shared';

    public const BAND_PART = 'shared-band';

    public const OWN = 'own-blocks';

    public const PLACES = [self::PART, self::BAND_PART, self::OWN];

    /**
     * @param  array<int, Node>  $parts  the trees of shared parts by number
     * @param  array<int, Node>  $own  the trees of the product's own blocks by the number of the fact
     */
    public function __construct(
        private array $parts,
        private array $own,
    ) {
    }

    /** @return list<int> the numbers of the parts that a tree shares */
    public static function parts(Node $tree): array
    {
        return self::numbers($tree, [self::PART, self::BAND_PART], 'part');
    }

    /** @return list<int> the numbers of the facts whose blocks a tree shows */
    public static function facts(Node $tree): array
    {
        return self::numbers($tree, [self::OWN], 'fact');
    }

    public function fill(Node $tree): Node
    {
        return $this->node($tree, self::PLACES);
    }

    /** What is in a holder about another product, filled with what that product has. */
    public function fillInside(Node $holder): Node
    {
        return $holder->withChildren(array_map(fn (Node $child): Node => $this->node($child, self::PLACES), $holder->children));
    }

    /** @param  list<string>  $places  the kinds that are filled */
    private function node(Node $node, array $places): Node
    {
        if (is_int($node->what['subject'] ?? null)) {
            return $node;
        }
        if (in_array($node->kind, $places, true)) {
            $owned = $node->kind === self::OWN;
            $from = $owned ? $this->own[self::number($node, 'fact')] ?? null : $this->parts[self::number($node, 'part')] ?? null;
            $inside = $owned ? [] : [self::OWN];

            return $node->withChildren(array_map(
                fn (Node $child): Node => $this->placed($this->node($child, $inside), $node->id),
                $from->children ?? [],
            ));
        }
        $children = array_map(fn (Node $child): Node => $this->node($child, $places), $node->children);

        return $children === $node->children ? $node : $node->withChildren($children);
    }

    private function placed(Node $node, string $place): Node
    {
        return new Node(
            "$place-$node->id",
            $node->kind,
            $node->what,
            $node->how,
            $node->when,
            array_map(fn (Node $child): Node => $this->placed($child, $place), $node->children),
        );
    }

    /**
     * @param  list<string>  $kinds
     * @return list<int>
     */
    private static function numbers(Node $tree, array $kinds, string $setting): array
    {
        $numbers = [];
        foreach ($tree->walk() as $node) {
            if (in_array($node->kind, $kinds, true)) {
                $numbers[] = self::number($node, $setting);
            }
        }

        return array_values(array_unique(array_filter($numbers)));
    }

    private static function number(Node $node, string $setting): int
    {
        $number = $node->what[$setting] ?? null;

        return is_int($number) ? $number : 0;
    }
}
