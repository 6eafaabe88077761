<?php

declare(strict_types=1);

namespace Vestibra\App\Catalogue;

use Illuminate\Support\Facades\DB;
use stdClass;
use Vestibra\Core\Catalogue\Category;
use Vestibra\Core\Catalogue\CategoryTree;

/** The category tree, read once a request. */
final class Categories
{
    private ?CategoryTree $tree = null;

    public function tree(): CategoryTree
    {
        return $this->tree ??= CategoryTree::of(array_map(
            static fn (stdClass $row): Category => new Category($row->id, $row->parent_id, $row->name, $row->slug),
            DB::select('select id, parent_id, name, slug from categories order by position, id'),
        ));
    }
}
