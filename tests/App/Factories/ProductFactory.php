<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Factories;

use Illuminate\Database\Eloquent\Factories\Factory;
use Vestibra\App\Records\Models\Catalogue\Product;

/** @extends Factory<Product> */
final class ProductFactory extends Factory
{
    private static int $made = 100_000;

    protected $model = Product::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        $at = ++self::$made;

        return [
            'title' => "Product $at", 'title_folded' => "product $at", 'title_order' => "product $at",
            'slug' => "product-$at", 'published' => true, 'added_at' => '2026-11-01 09:00:00',
        ];
    }
}
