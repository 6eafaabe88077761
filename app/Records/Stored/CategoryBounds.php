<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Stored;

use Vestibra\App\Records\Models\Catalogue\Category;

/** Each category's place in the tree as a range: what is beneath it lies within. */
final class CategoryBounds
{
    /** Numbers the tree anew; only what changes is written. */
    public static function refresh(): void
    {
        $rows = Category::query()->inOrder()->toBase()->get(['id', 'parent_id', 'lower', 'upper']);
        $children = $stands = [];
        foreach ($rows as $row) {
            $children[$row->parent_id ?? 0][] = $row->id;
            $stands[$row->id] = [$row->lower, $row->upper];
        }
        $bound = 0;
        $number = static function (int $id) use (&$number, &$bound, $children, $stands): void {
            $lower = ++$bound;
            foreach ($children[$id] ?? [] as $child) {
                $number($child);
            }
            if ($stands[$id] !== [$lower, $bound]) {
                Category::query()->toBase()->where('id', $id)->update(['lower' => $lower, 'upper' => $bound]);
            }
        };
        foreach ($children[0] ?? [] as $root) {
            $number($root);
        }
    }
}
