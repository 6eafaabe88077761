<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Factories;

use Illuminate\Database\Eloquent\Factories\Factory;
use Vestibra\App\Records\Models\Catalogue\Category;

/** @extends Factory<Category> */
final class CategoryFactory extends Factory
{
    private static int $made = 100_000;

    protected $model = Category::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        $at = ++self::$made;

        return [
            'name' => "Category $at", 'name_folded' => "category $at", 'slug' => "category-$at",
            'position' => $at, 'lower' => 2 * $at, 'upper' => 2 * $at,
        ];
    }
}
