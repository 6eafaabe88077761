<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Factories;

use Illuminate\Database\Eloquent\Factories\Factory;
use Vestibra\App\Records\Models\User;

/** @extends Factory<User> */
final class UserFactory extends Factory
{
    private static int $made = 100_000;

    protected $model = User::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        $at = ++self::$made;

        return [
            'name' => "Person $at", 'email' => "person-$at@larkfold.example", 'password' => 'ink-on-paper-and-more',
            'role' => User::OWNER,
        ];
    }
}
