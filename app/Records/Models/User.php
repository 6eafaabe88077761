<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models;

use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Carbon;
use LogicException;

/**
 * Somebody who works in the Studio.
 *
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property string $role
 * @property Carbon|null $closed_at closed: cannot sign in, but the name stays with what was done
 */
final class User extends Authenticatable
{
    public const OWNER = 'owner';

    public const VIEWER = 'viewer';

    protected $table = 'users';

    protected $fillable = ['name', 'email', 'password', 'role', 'closed_at'];

    protected $attributes = ['remember_token' => null];

    protected $hidden = ['password', 'remember_token'];

    /** As addresses are compared: capital letters make no other account. */
    public static function address(string $given): string
    {
        return mb_strtolower(trim($given));
    }

    /** @return Attribute<string, string> */
    protected function email(): Attribute
    {
        return Attribute::make(set: self::address(...));
    }

    public function delete(): never
    {
        throw new LogicException('Accounts are closed, not deleted: what they did stays, with their name.');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'closed_at' => 'datetime'];
    }
}
