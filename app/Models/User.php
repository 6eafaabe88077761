<?php

declare(strict_types=1);

namespace Vestibra\App\Models;

use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * Somebody who works in the Studio.
 *
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property string $role
 */
final class User extends Authenticatable
{
    public const OWNER = 'owner';

    public const VIEWER = 'viewer';

    protected $fillable = ['name', 'email', 'password', 'role'];

    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed'];
    }
}
