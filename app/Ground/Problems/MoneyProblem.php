<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Problems;

use Vestibra\Core\ProblemCode;
use Vestibra\Core\ProblemFamily;

/** Why money and measures are not set so. */
enum MoneyProblem: string implements ProblemCode
{
    use ProblemFamily;

    case UnknownCurrency = 'money.unknown-currency';
    case NotAChoice = 'money.not-a-choice';
    case NotARate = 'money.not-a-rate';
}
