<?php

declare(strict_types=1);

namespace Vestibra\App\Console;

use Illuminate\Console\Command;
use Vestibra\App\Models\User;

final class UserCommand extends Command
{
    protected $signature = 'vestibra:user {email} {name} {--role=owner : owner or viewer}';

    protected $description = 'Makes somebody who can sign in; asks for the password';

    public function handle(): int
    {
        $email = $this->argument('email');
        $role = $this->option('role');
        $password = $this->secret('Password (at least 10 characters)');
        if (! is_string($email) || ! in_array($role, [User::OWNER, User::VIEWER], true) || ! is_string($password) || mb_strlen($password) < 10) {
            $this->error('Nobody was added. The role is owner or viewer, and the password has at least 10 characters.');

            return self::FAILURE;
        }
        User::query()->updateOrCreate(['email' => $email], ['name' => $this->argument('name'), 'password' => $password, 'role' => $role]);
        $this->info("{$email} can sign in at /studio.");

        return self::SUCCESS;
    }
}
