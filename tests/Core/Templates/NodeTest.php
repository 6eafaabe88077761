<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;

final class NodeTest extends TestCase
{
    public function test_a_change_shares_what_did_not_change(): void
    {
        $tree = Trees::draft()->tree;
        $changed = $tree->change(
            'price',
            static fn (Node $node): Node => $node->withValue(Question::What, 'desktop', 'saving', 'both'),
        );

        self::assertNotSame($tree, $changed);
        self::assertSame($tree->find('left'), $changed->find('left'));
        self::assertSame($tree->find('title'), $changed->find('title'));
        self::assertSame('amount', $tree->find('price')?->what['saving']);
        self::assertSame('both', $changed->find('price')?->what['saving']);
    }

    public function test_nothing_changed_is_the_very_same(): void
    {
        $tree = Trees::draft()->tree;

        self::assertSame(
            $tree,
            $tree
                ->change('price', static fn (Node $node): Node => $node->withValue(Question::How, 'phone', 'size', 20)),
        );
        self::assertSame($tree, $tree->change('gone', static fn (Node $node): Node => $node->withChildren([])));
        self::assertSame($tree, $tree->without('gone'));
    }

    public function test_values_are_told_apart_by_question_and_width(): void
    {
        $price = Trees::draft()->tree->find('price');
        self::assertNotNull($price);

        self::assertSame([30, null, 20], [
            $price->value(Question::How, 'desktop', 'size'),
            $price->value(Question::How, 'tablet', 'size'),
            $price->value(Question::How, 'phone', 'size'),
        ]);
        self::assertSame('amount', $price->value(Question::What, 'phone', 'saving'));
        self::assertSame(['desktop'], $price->value(Question::When, 'phone', 'widths'));
    }

    public function test_unsetting_leaves_no_trace(): void
    {
        $price = new Node('p', 'price');
        $set = $price
            ->withValue(Question::How, 'phone', 'size', 20)
            ->withValue(Question::What, 'desktop', 'saving', 'none');

        self::assertSame(
            $price->toArray(),
            $set->withValue(Question::How, 'phone', 'size', null)
                ->withValue(Question::What, 'desktop', 'saving', null)
                ->toArray(),
        );
    }

    public function test_the_walk_is_in_reading_order(): void
    {
        $ids = array_map(
            static fn (Node $node): string => $node->id,
            iterator_to_array(Trees::draft()->tree->walk(), false),
        );

        self::assertSame(
            ['page', 'band', 'left', 'gallery', 'right', 'title', 'price', 'holder', 'rating', 'text'],
            $ids,
        );
    }

    public function test_neighbours_and_parents(): void
    {
        $tree = Trees::draft()->tree;

        self::assertSame('holder', $tree->parentOf('rating')?->id);
        self::assertNull($tree->parentOf('page'));
        self::assertSame('title', $tree->find('right')?->before('price'));
        self::assertNull($tree->find('right')?->before('title'));
    }
}
