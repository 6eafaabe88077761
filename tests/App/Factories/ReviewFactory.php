<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Factories;

use Illuminate\Database\Eloquent\Factories\Factory;
use Vestibra\App\Records\Models\Catalogue\Review;

/** @extends Factory<Review> */
final class ReviewFactory extends Factory
{
    private static int $made = 100_000;

    protected $model = Review::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        $at = ++self::$made;

        return [
            'product_id' => ProductFactory::new(), 'stars' => 4, 'author' => "Reader $at", 'words' => 'Writes well.',
            'published' => true, 'written_at' => '2026-11-02 10:00:00', 'state' => 'read',
        ];
    }
}
