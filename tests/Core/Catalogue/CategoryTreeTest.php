<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Category;
use Vestibra\Core\Catalogue\CategoryTree;
use Vestibra\Tests\Core\Reach\World;

final class CategoryTreeTest extends TestCase
{
    public function test_depths_begin_at_one(): void
    {
        $tree = World::tree();

        self::assertSame([1, 2, 3, 0], [
            $tree->depth(World::INK), $tree->depth(World::BOTTLED), $tree->depth(World::SHIMMER), $tree->depth(99),
        ]);
    }

    public function test_the_path_runs_from_the_root(): void
    {
        self::assertSame(
            ['Ink', 'Bottled', 'Shimmer'],
            array_map(static fn (Category $category): string => $category->name, World::tree()->path(World::SHIMMER)),
        );
    }

    public function test_upwards_names_each_once(): void
    {
        $found = World::tree()->upwards([World::SHIMMER, World::BOTTLED, World::FOUNTAIN, 99]);
        sort($found);

        self::assertSame([World::INK, World::BOTTLED, World::SHIMMER, World::PENS, World::FOUNTAIN], $found);
    }

    public function test_children_keep_their_order(): void
    {
        self::assertSame(
            [World::INK, World::PENS],
            array_map(static fn (Category $category): int => $category->id, World::tree()->children(null)),
        );
        self::assertSame(
            [World::BOTTLED],
            array_map(static fn (Category $category): int => $category->id, World::tree()->children(World::INK)),
        );
    }

    /** However deep a category lies: its path has every step, and "everything beneath" reaches it from each of them. */
    public function test_paths_have_no_greatest_depth(): void
    {
        $categories = [new Category(1, null, 'Level 1', 'l1')];
        for ($level = 2; $level <= 12; $level++) {
            $categories[] = new Category($level, $level - 1, "Level $level", "l$level");
        }
        $tree = CategoryTree::of($categories);
        for ($level = 1; $level <= 12; $level++) {
            self::assertSame($level, $tree->depth($level));
            self::assertSame(
                range(1, $level),
                array_map(static fn (Category $category): int => $category->id, $tree->path($level)),
            );
            self::assertEqualsCanonicalizing(range(1, $level), $tree->upwards([$level]));
        }
    }

    public function test_a_circle_ends(): void
    {
        $tree = CategoryTree::of([new Category(1, 2, 'A', 'a'), new Category(2, 1, 'B', 'b')]);

        self::assertLessThanOrEqual(100, $tree->depth(1));
    }
}
