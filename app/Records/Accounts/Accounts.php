<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Accounts;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\Problems\AccountProblem;
use Vestibra\App\Records\Models\User;
use Vestibra\Core\Problem;

/**
 * Who can sign in. Accounts are closed, never deleted: their name stays with what they did. The shop always has an
 * owner.
 */
final readonly class Accounts
{
    public const ROLES = [User::OWNER, User::VIEWER];

    public function find(string $email): ?User
    {
        return User::query()->where('email', User::address($email))->first();
    }

    /** Somebody new; an account that is there is never overwritten. */
    public function add(string $email, string $name, string $role, string $password): User|Problem
    {
        $problem = match (true) {
            filter_var($email, FILTER_VALIDATE_EMAIL) === false => AccountProblem::NoAddress->at('', [
                'email' => $email,
            ]),
            trim($name) === '' => AccountProblem::NoName->at(),
            $this->find($email) !== null => AccountProblem::ThereAlready->at('', ['email' => $email]),
            default => $this->roleProblem($role)
                ?? Password::problem($password, $email, $name, config()->string('vestibra.shop')),
        };

        return $problem ?? User::query()->create(
            ['email' => $email, 'name' => trim($name), 'role' => $role, 'password' => $password],
        );
    }

    /** Ends every session that the account has elsewhere. */
    public function changePassword(User $user, string $password): ?Problem
    {
        $problem = Password::problem($password, $user->email, $user->name, config()->string('vestibra.shop'));
        if ($problem === null) {
            $user->update(['password' => $password]);
        }

        return $problem;
    }

    public function changeRole(User $user, string $role): ?Problem
    {
        return DB::transaction(function () use ($user, $role): ?Problem {
            $problem = $this->roleProblem($role) ?? ($role === User::OWNER ? null : $this->lastOwner($user));
            if ($problem === null) {
                $user->update(['role' => $role]);
            }

            return $problem;
        });
    }

    public function close(User $user): ?Problem
    {
        return DB::transaction(function () use ($user): ?Problem {
            $problem = $this->lastOwner($user);
            if ($problem === null) {
                $user->update(['closed_at' => now('UTC')]);
            }

            return $problem;
        });
    }

    public function open(User $user): void
    {
        $user->update(['closed_at' => null]);
    }

    private function roleProblem(string $role): ?Problem
    {
        return in_array($role, self::ROLES, true)
            ? null
            : AccountProblem::UnknownRole->at('', ['roles' => implode(' or ', self::ROLES)]);
    }

    private function lastOwner(User $user): ?Problem
    {
        $others = User::query()->where('role', User::OWNER)
            ->whereNull('closed_at')
            ->where('id', '!=', $user->id)
            ->exists();

        return $user->role === User::OWNER && $user->closed_at === null && ! $others
            ? AccountProblem::LastOwner->at('', ['name' => $user->name])
            : null;
    }
}
