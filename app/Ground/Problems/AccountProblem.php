<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Problems;

use Vestibra\Core\ProblemCode;
use Vestibra\Core\ProblemFamily;

/** Why an account is not made or changed. Their words are in one place outside: `Words\ProblemWords`. */
enum AccountProblem: string implements ProblemCode
{
    use ProblemFamily;

    case PasswordTooShort = 'password.too-short';
    case PasswordTooLong = 'password.too-long';
    case PasswordEasy = 'password.easy';
    case PasswordOwnName = 'password.own-name';
    case NoAddress = 'account.no-address';
    case NoName = 'account.no-name';
    case ThereAlready = 'account.there-already';
    case UnknownRole = 'account.unknown-role';
    case LastOwner = 'account.last-owner';
    case UnknownWord = 'account.unknown-word';
}
