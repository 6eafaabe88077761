<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use PHPUnit\Framework\TestCase;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\PlacedParts;

/** Shared parts and a product's own blocks, put into the places that a template keeps for them. */
final class PlacedPartsTest extends TestCase
{
    public function test_the_same_part_may_stand_twice_under_ids_of_its_places(): void
    {
        $filled = (new PlacedParts(
            Kinds::composer()->schema,
            [3 => self::tree(new Node('a', 'heading'), new Node('b', 'holder', children: [new Node('c', 'text')]))],
            [],
        ))
            ->fill(self::tree(self::shared('s1', 3), new Node('t', 'title'), self::shared('s2', 3)));
        self::assertSame(['root', 's1', 's1-a', 's1-b', 's1-c', 't', 's2', 's2-a', 's2-b', 's2-c'], self::ids($filled));
    }

    public function test_what_it_holds_keeps_its_words_its_style_and_when_it_appears(): void
    {
        $block = new Node('a', 'text', ['text' => 'Kept'], ['phone' => ['size' => 12]], ['off' => true]);
        $inside = (new PlacedParts(Kinds::composer()->schema, [3 => self::tree($block)], []))
            ->fill(self::tree(self::shared('s', 3)))
            ->find('s-a');
        self::assertSame(['text', ['text' => 'Kept'], ['phone' => ['size' => 12]], ['off' => true]], [
            $inside?->kind, $inside?->what, $inside?->how, $inside?->when,
        ]);
    }

    public function test_places_inside_holders_and_bands_are_filled_too(): void
    {
        $band = new Node('sb', 'shared-band', ['part' => 4]);
        $page = new Node(
            'root',
            'page',
            children: [
                new Node('b', 'band', children: [new Node('c', 'column', children: [self::shared('s', 3)])]),
                $band,
            ],
        );
        $filled = (new PlacedParts(
            Kinds::composer()->schema,
            [3 => self::tree(new Node('x', 'title')), 4 => new Node('root', 'page', children: [new Node('y', 'band')])],
            [],
        ))->fill($page);
        self::assertSame(['root', 'b', 'c', 's', 's-x', 'sb', 'sb-y'], self::ids($filled));
    }

    public function test_a_part_that_is_gone_leaves_its_place_empty(): void
    {
        self::assertSame(
            ['root', 's'],
            self::ids((new PlacedParts(Kinds::composer()->schema, [], []))->fill(self::tree(self::shared('s', 3)))),
        );
    }

    public function test_own_blocks_come_by_the_fact_also_within_a_part(): void
    {
        $own = new Node('o', 'own-blocks', ['fact' => 9]);
        $filled = (new PlacedParts(Kinds::composer()->schema, [3 => self::tree($own)], [
            9 => self::tree(new Node('w', 'text')),
        ]))
            ->fill(self::tree(
                self::shared('s', 3),
                new Node('p', 'own-blocks', ['fact' => 9]),
                new Node('q', 'own-blocks', ['fact' => 8]),
            ));
        self::assertSame(['root', 's', 's-o', 's-o-w', 'p', 'p-w', 'q'], self::ids($filled));
    }

    public function test_parts_in_parts_and_own_blocks_in_own_blocks_are_not_filled_so_nothing_goes_in_circles(): void
    {
        $part = self::tree(self::shared('again', 3));
        $own = self::tree(self::shared('part', 3), new Node('self', 'own-blocks', ['fact' => 9]));
        $filled = (new PlacedParts(Kinds::composer()->schema, [3 => $part], [9 => $own]))
            ->fill(self::tree(self::shared('s', 3), new Node('o', 'own-blocks', ['fact' => 9])));
        self::assertSame(['root', 's', 's-again', 'o', 'o-part', 'o-self'], self::ids($filled));
    }

    public function test_a_tree_without_places_is_the_very_same(): void
    {
        $tree = self::tree(new Node('t', 'holder', children: [new Node('u', 'text')]));
        self::assertSame(
            $tree,
            (new PlacedParts(Kinds::composer()->schema, [3 => self::tree()], [9 => self::tree()]))->fill($tree),
        );
    }

    public function test_it_says_which_parts_and_facts_a_tree_asks_for_each_once(): void
    {
        $tree = self::tree(
            self::shared('a', 3),
            self::shared('b', 3),
            new Node('c', 'shared-band', ['part' => 5]),
            new Node('d', 'shared'),
            new Node('e', 'own-blocks', ['fact' => 9]),
            new Node('f', 'downloads', ['fact' => 2]),
        );
        self::assertSame([[3, 5], [9]], [
            PlacedParts::parts($tree, Kinds::composer()->schema),
            PlacedParts::facts($tree, Kinds::composer()->schema),
        ]);
    }

    private static function shared(string $id, int $part): Node
    {
        return new Node($id, 'shared', ['part' => $part]);
    }

    private static function tree(Node ...$children): Node
    {
        return new Node('root', 'stage', children: array_values($children));
    }

    /** @return list<string> */
    private static function ids(Node $tree): array
    {
        return array_map(static fn (Node $node): string => $node->id, [...$tree->walk()]);
    }
}
