<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Factories;

use Illuminate\Database\Eloquent\Factories\Factory;
use Vestibra\App\Records\Models\Catalogue\Tag;

/** @extends Factory<Tag> */
final class TagFactory extends Factory
{
    private static int $made = 100_000;

    protected $model = Tag::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        $at = ++self::$made;

        return [
            'name' => "Tag $at", 'name_folded' => "tag $at", 'slug' => "tag-$at",
        ];
    }
}
