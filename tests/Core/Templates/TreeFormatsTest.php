<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Templates;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Templates\TreeFormats;

/** What earlier formats wrote is brought forward, in trees, blocks and edits, however deep it stands. */
final class TreeFormatsTest extends TestCase
{
    private const OLD = ['id' => 'c', 'kind' => 'column', 'children' => [['id' => 'p', 'kind' => 'product-cards', 'what' => ['products' => [2], 'title' => 'Also nice'], 'when' => ['product' => []]]]];

    public function test_picked_products_become_a_grid_of_chosen_products(): void
    {
        $node = TreeFormats::node(self::OLD, 2);
        self::assertSame(['id' => 'p', 'kind' => 'product-grid', 'what' => ['feed' => 'chosen', 'titled' => true, 'products' => [2], 'title' => 'Also nice'], 'when' => ['product' => []]], $node['children'][0]);
        self::assertSame(['feed' => 'chosen', 'titled' => true], TreeFormats::node(['id' => 'p', 'kind' => 'product-cards'], 2)['what']);
        self::assertSame('product-grid', TreeFormats::node(self::OLD, 1)['children'][0]['kind']);
        self::assertSame(['where' => []], TreeFormats::node(self::OLD, 1)['children'][0]['when']);
        self::assertSame(self::OLD, TreeFormats::node(self::OLD, TreeFormats::CURRENT), 'What is current is left alone.');
        foreach (['x', 7, null] as $strange) {
            self::assertSame($strange, TreeFormats::node($strange, 1));
        }
    }

    public function test_so_do_blocks_that_edits_put_in(): void
    {
        foreach ([1, 2] as $format) {
            self::assertSame('product-grid', TreeFormats::edit(['edit' => 'insert', 'node' => self::OLD], $format)['node']['children'][0]['kind']);
        }
        self::assertSame(self::OLD, TreeFormats::edit(['edit' => 'insert', 'node' => self::OLD], TreeFormats::CURRENT)['node']);
        self::assertSame('where', TreeFormats::edit(['edit' => 'set', 'question' => 'when', 'setting' => 'product'], 1)['setting']);
        self::assertSame('product', TreeFormats::edit(['edit' => 'set', 'question' => 'when', 'setting' => 'product'], 2)['setting']);
    }

    public function test_which_formats_are_known(): void
    {
        self::assertSame([false, true, true, true, false, false], array_map(TreeFormats::knows(...), [0, 1, 2, 3, 4, '3']));
    }
}
