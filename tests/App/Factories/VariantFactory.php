<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Factories;

use Illuminate\Database\Eloquent\Factories\Factory;
use Vestibra\App\Records\Models\Catalogue\Variant;

/** @extends Factory<Variant> */
final class VariantFactory extends Factory
{
    private static int $made = 100_000;

    protected $model = Variant::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        $at = ++self::$made;

        return [
            'product_id' => ProductFactory::new(), 'sku' => "MADE-$at", 'price' => 1000 + $at, 'stock' => 5,
            'published' => true, 'position' => $at,
        ];
    }
}
