<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\ProblemCode;
use Vestibra\Core\ProblemFamily;

/**
 * How an edit crosses what somebody else has done since. Their words are in one place outside: `Words\ProblemWords`.
 *
 * @api
 */
enum ConflictProblem: string implements ProblemCode
{
    use ProblemFamily;

    case SameSetting = 'conflict.same-setting';
    case SamePlace = 'conflict.same-place';
    case RemovesNewer = 'conflict.removes-newer';
    case Reach = 'conflict.reach';
    case Replaced = 'conflict.replaced';
}
