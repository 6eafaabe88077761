<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Factories;

use Illuminate\Database\Eloquent\Factories\Factory;
use Vestibra\App\Records\Models\Catalogue\Brand;

/** @extends Factory<Brand> */
final class BrandFactory extends Factory
{
    private static int $made = 100_000;

    protected $model = Brand::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        $at = ++self::$made;

        return [
            'name' => "Brand $at", 'name_folded' => "brand $at", 'slug' => "brand-$at",
        ];
    }
}
