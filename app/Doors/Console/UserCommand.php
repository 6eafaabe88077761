<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Console;

use Illuminate\Console\Command;
use Vestibra\App\Ground\Problems\AccountProblem;
use Vestibra\App\Records\Accounts\Accounts;
use Vestibra\App\Records\Accounts\Password;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Templates\Fallbacks;
use Vestibra\Core\Problem;

final class UserCommand extends Command
{
    use SaysProblems;

    protected $signature = 'vestibra:user {do : add, password, role, close, open or list} {email? : whose account} '
        .'{with? : add: the name; role: owner or viewer}'
        .' {--role=owner : of a new account: owner or viewer} {--password-from= : a file whose first line is the '
        .'password, - for standard input; otherwise it is asked for} {--json}';

    protected $description =
        'Who can sign in: adds an account, changes its password or role, closes or opens it, lists them';

    public function handle(Accounts $accounts, Fallbacks $fallbacks): int
    {
        $do = $this->text('do');
        $email = $this->text('email');
        if ($do === 'list') {
            return $this->list();
        }
        if ($do === 'add') {
            $made = $accounts->add(
                $email,
                $this->text('with'),
                is_string($role = $this->option('role')) ? $role : '',
                $this->password(),
            );

            $made instanceof Problem || $fallbacks->see($made);

            return $made instanceof Problem
                ? $this->problems([$made])
                : $this->done("{$made->email} can sign in at /studio.");
        }
        $user = $accounts->find($email);
        if ($user === null) {
            return $this
                ->refuse("There is no account with the address “{$email}”. “vestibra:user list” names them all.");
        }
        $problem = match ($do) {
            'password' => $accounts->changePassword($user, $this->password()),
            'role' => $accounts->changeRole($user, $this->text('with')),
            'close' => $accounts->close($user),
            'open' => $accounts->open($user),
            default => AccountProblem::UnknownWord->at(),
        };

        return $problem instanceof Problem ? $this->problems([$problem]) : $this->done(match ($do) {
            'password' => "{$user->email} has a new password. Whoever was signed in with the one before is signed out.",
            'role' => "{$user->email} is {$user->role} now.",
            'close' => "{$user->email} cannot sign in any more. What {$user->name} did stays, with the name.",
            default => "{$user->email} can sign in again.",
        });
    }

    private function list(): int
    {
        $users = User::query()->oldest('id')->get();
        $row = static fn (User $user): array => [
            'email' => $user->email,
            'name' => $user->name,
            'role' => $user->role,
            'state' => $user->closed_at === null ? 'open' : 'closed',
        ];
        if ($this->option('json')) {
            return $this->json(array_map($row, $users->all()));
        }
        $this->table(['address', 'name', 'role', 'state'], array_map($row, $users->all()));

        return self::SUCCESS;
    }

    private function password(): string
    {
        $from = $this->option('password-from');
        if (is_string($from)) {
            return rtrim(
                (string) strtok((string) file_get_contents($from === '-' ? 'php://stdin' : $from), "\n"),
                "\r",
            );
        }
        $given = $this->secret('Password (at least '.Password::LEAST.' characters)');

        return is_string($given) ? $given : '';
    }

    private function done(string $words): int
    {
        $this->saysWhere();
        $this->info($words);

        return self::SUCCESS;
    }
}
