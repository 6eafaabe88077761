<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

/**
 * The shop's categories as one tree. A root has depth 1.
 *
 * @api
 */
final readonly class CategoryTree
{
    /** @param  array<int, Category>  $categories by id, in any order */
    private function __construct(private array $categories)
    {
    }

    /** @param  iterable<Category>  $categories in any order */
    public static function of(iterable $categories): self
    {
        $byId = [];
        foreach ($categories as $category) {
            $byId[$category->id] = $category;
        }

        return new self($byId);
    }

    public function category(int $id): ?Category
    {
        return $this->categories[$id] ?? null;
    }

    /** @return list<Category> the children of a category, or the roots */
    public function children(?int $parentId): array
    {
        return array_values(array_filter(
            $this->categories,
            static fn (Category $category): bool => $category->parentId === $parentId,
        ));
    }

    /** @return list<Category> from the root down to the category itself; empty when there is no such category */
    public function path(int $id): array
    {
        $path = [];
        $category = $this->category($id);
        while ($category !== null && count($path) < 100) {
            array_unshift($path, $category);
            $category = $category->parentId === null ? null : $this->category($category->parentId);
        }

        return $path;
    }

    /** A root has depth 1; a category that does not exist has depth 0. */
    public function depth(int $id): int
    {
        return count($this->path($id));
    }

    /**
     * @param  list<int>  $ids
     * @return list<int> the categories themselves and everything above them
     */
    public function upwards(array $ids): array
    {
        $found = [];
        foreach ($ids as $id) {
            foreach ($this->path($id) as $category) {
                $found[$category->id] = true;
            }
        }

        return array_keys($found);
    }
}
