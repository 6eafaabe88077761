<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Accounts;

use Vestibra\App\Ground\Problems\AccountProblem;
use Vestibra\Core\Problem;

/** What a password has to be. Length is what makes it hard to guess; a few ways to be long and easy are refused. */
final class Password
{
    public const LEAST = 12;

    /** bcrypt looks at no more bytes. */
    public const MOST_BYTES = 72;

    /** So few letters besides names that everybody knows are guessed with them. */
    private const LEAST_LETTERS = 4;

    /** @param  string  $shop  the shop's name */
    public static function problem(string $password, string $email, string $name, string $shop): ?Problem
    {
        $plain = mb_strtolower($password);

        return match (true) {
            mb_strlen($password) < self::LEAST => AccountProblem::PasswordTooShort->at('', ['least' => self::LEAST]),
            strlen($password) > self::MOST_BYTES => AccountProblem::PasswordTooLong->at('', [
                'most' => self::MOST_BYTES,
            ]),
            count(array_unique(mb_str_split($plain))) < 5,
            in_array(
                $plain,
                [
                    '123456789012', '1234567890123', 'qwertyuiopas', 'qwertyuiop12', 'passwordpassword', 'password1234',
                    'password12345', 'administrator', 'letmeinletmein',
                ],
                true,
            ) => AccountProblem::PasswordEasy->at(),
            self::isKnownNames($plain, mb_strtolower("$email $name $shop")) => AccountProblem::PasswordOwnName->at(),
            default => null,
        };
    }

    /** Whether it is made of one's own address, one's name and the shop's, with digits and signs at most. */
    private static function isKnownNames(string $plain, string $names): bool
    {
        $known = array_filter(
            preg_split('/[^\p{L}\p{N}]+/u', $names) ?: [],
            static fn (string $word): bool => mb_strlen($word) > 1,
        );
        usort($known, static fn (string $one, string $other): int => mb_strlen($other) <=> mb_strlen($one));
        $rest = str_replace($known, ' ', $plain);

        return $rest !== $plain && preg_match_all('/\p{L}/u', $rest) < self::LEAST_LETTERS;
    }
}
