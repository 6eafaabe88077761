<?php

declare(strict_types=1);

namespace Vestibra\App\Accounts;

use Vestibra\Core\Problem;

/** What a password has to be. Length is what makes it hard to guess; a few ways to be long and easy are refused. */
final class Password
{
    public const LEAST = 12;

    /** bcrypt looks at no more bytes. */
    public const MOST_BYTES = 72;

    public static function problem(string $password, string $email, string $name): ?Problem
    {
        $plain = mb_strtolower($password);
        $own = array_filter([mb_strtolower($email), (string) strtok(mb_strtolower($email), '@'), mb_strtolower($name)], static fn (string $word): bool => mb_strlen($word) >= 4);

        return match (true) {
            mb_strlen($password) < self::LEAST => AccountProblem::PasswordTooShort->at('', ['least' => self::LEAST]),
            strlen($password) > self::MOST_BYTES => AccountProblem::PasswordTooLong->at('', ['most' => self::MOST_BYTES]),
            count(array_unique(mb_str_split($plain))) < 5,
            in_array($plain, ['123456789012', '1234567890123', 'qwertyuiopas', 'qwertyuiop12', 'passwordpassword', 'password1234', 'password12345', 'administrator', 'letmeinletmein'], true) => AccountProblem::PasswordEasy->at(),
            array_filter($own, static fn (string $word): bool => mb_strlen(str_replace($word, '', $plain)) < 6) !== [] => AccountProblem::PasswordOwnName->at(),
            default => null,
        };
    }
}
