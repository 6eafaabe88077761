<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use Vestibra\Blocks\Kinds;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Ids;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Schema;
use Vestibra\Core\Templates\TreeReader;

/** Trees to test with, and ids that count. */
final class Trees implements Ids
{
    private int $count = 0;

    public function next(): string
    {
        return 'new'.++$this->count;
    }

    /** A value, put together once: it takes as long as fifty edits. */
    public static function schema(): Schema
    {
        static $schema = null;

        return $schema ??= Kinds::composer()->schema;
    }

    public static function reader(): TreeReader
    {
        return new TreeReader(self::schema(), new self);
    }

    /** @param  list<Node>  $children */
    public static function node(string $id, string $kind, array $children = []): Node
    {
        return new Node($id, $kind, children: $children);
    }

    /** A page with two columns: gallery | title, price, holder (rating, text). */
    public static function draft(): Draft
    {
        return new Draft(self::node('page', 'page', [
            self::node('band', 'band', [
                self::node('left', 'column', [self::node('gallery', 'gallery')]),
                self::node('right', 'column', [
                    self::node('title', 'title'),
                    new Node(
                        'price',
                        'price',
                        ['saving' => 'amount'],
                        ['desktop' => ['size' => 30], 'phone' => ['size' => 20]],
                        ['widths' => ['desktop']],
                    ),
                    self::node('holder', 'holder', [self::node('rating', 'rating'), self::node('text', 'text')]),
                ]),
            ]),
        ]), new Reach);
    }

    /** @return array<string, list<string>> id of the parent => ids of its children */
    public static function shape(Node $tree): array
    {
        $shape = [];
        foreach ($tree->walk() as $node) {
            if ($node->children !== []) {
                $shape[$node->id] = array_map(static fn (Node $child): string => $child->id, $node->children);
            }
        }

        return $shape;
    }
}
