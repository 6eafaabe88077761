<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Catalogue;

use stdClass;
use Vestibra\App\Records\Catalogue\Sql\CategoryRows;
use Vestibra\App\Records\Models\Catalogue\Category as CategoryRow;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Catalogue\Category;
use Vestibra\Core\Catalogue\CategoryTree;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Pages\PageKind;

/** The category tree, read once a request. */
final class Categories
{
    private ?CategoryTree $tree = null;

    /**
     * @param  int|null  $id  null for those at the top
     * @param  bool  $details  whether pictures and numbers are wanted
     * @return list<array{name: string, address: string, words: string, picture: Picture|null, products: int}> the
     *     children of a category with their products, beneath them too
     */
    public function beneath(?int $id, bool $details): array
    {
        if (! $details) {
            return array_map(static fn (Category $child): array => [
                'name' => $child->name,
                'address' => PageAddresses::address(PageKind::Category, $child->slug),
                'words' => '',
                'picture' => null,
                'products' => 0,
            ], $this->tree()->children($id));
        }

        $rows = CategoryRows::beneath($id);
        CountsMissed::in($rows);

        return array_map(static fn (stdClass $row): array => [
            'name' => $row->name,
            'address' => PageAddresses::address(PageKind::Category, $row->slug),
            'words' => $row->description,
            'picture' => $row->id === null ? null : ProductReader::picture($row),
            'products' => $row->products,
        ], $rows);
    }

    /** It is read anew when it is asked for again. */
    public function forget(): void
    {
        $this->tree = null;
    }

    public function tree(): CategoryTree
    {
        return $this->tree ??= CategoryTree::of(array_map(
            static fn (stdClass $row): Category => new Category($row->id, $row->parent_id, $row->name, $row->slug),
            CategoryRow::query()->inOrder()->toBase()->get(['id', 'parent_id', 'name', 'slug'])->all(),
        ));
    }
}
