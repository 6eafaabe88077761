<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\Templates\Types\Numbered;

/**
 * Puts into a tree what is kept elsewhere: shared parts, and the blocks that one product has as a fact. What comes in
 * gets ids that name the place too (`place-id`), so that the same part may stand on a page twice. A part holds no part,
 * and a product's own blocks hold neither. A holder about another product is left to be filled with what that one has.
 *
 * @api
 */
final readonly class PlacedParts
{
    /**
     * @param  array<int, Node>  $parts  the trees of shared parts by number
     * @param  array<int, Node>  $own  the trees of the product's own blocks by the number of the fact
     */
    public function __construct(
        private Schema $schema,
        private array $parts,
        private array $own,
    ) {
    }

    /** @return list<int> the numbers of the parts that a tree shares */
    public static function parts(Node $tree, Schema $schema): array
    {
        return self::numbers($tree, $schema, FilledWith::Part);
    }

    /** @return list<int> the numbers of the facts whose blocks a tree shows */
    public static function facts(Node $tree, Schema $schema): array
    {
        return self::numbers($tree, $schema, FilledWith::OwnBlocks);
    }

    public function fill(Node $tree): Node
    {
        return $this->node($tree, FilledWith::cases());
    }

    /** What is in a holder about another product, filled with what that product has. */
    public function fillInside(Node $holder): Node
    {
        return $holder->withChildren(
            array_map(fn (Node $child): Node => $this->node($child, FilledWith::cases()), $holder->children),
        );
    }

    /** @param  list<FilledWith>  $with  what is filled in */
    private function node(Node $node, array $with): Node
    {
        $definition = $this->schema->definition($node->kind);
        $another = $definition?->another();
        if ($another !== null && is_int($node->what[$another->name] ?? null)) {
            return $node;
        }
        $place = $definition?->filledWith;
        if ($place !== null && in_array($place, $with, true)) {
            $owned = $place === FilledWith::OwnBlocks;
            $from = $owned
                ? $this->own[self::number($node, $definition)] ?? null
                : $this->parts[self::number($node, $definition)] ?? null;
            $inside = $owned ? [] : [FilledWith::OwnBlocks];

            return $node->withChildren(array_map(
                fn (Node $child): Node => $this->placed($this->node($child, $inside), $node->id),
                $from->children ?? [],
            ));
        }
        $children = array_map(fn (Node $child): Node => $this->node($child, $with), $node->children);

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

    /** @return list<int> */
    private static function numbers(Node $tree, Schema $schema, FilledWith $with): array
    {
        $numbers = [];
        foreach ($tree->walk() as $node) {
            $definition = $schema->definition($node->kind);
            if ($definition?->filledWith === $with) {
                $numbers[] = self::number($node, $definition);
            }
        }

        return array_values(array_unique(array_filter($numbers)));
    }

    /** The number of what stands in a place: the one that its setting of the type Numbered holds. */
    private static function number(Node $node, Definition $definition): int
    {
        foreach ($definition->settings() as $setting) {
            $number = $setting->type instanceof Numbered ? $node->what[$setting->name] ?? null : null;
            if (is_int($number)) {
                return $number;
            }
        }

        return 0;
    }
}
