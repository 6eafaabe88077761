<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Problems;

use Vestibra\Core\ProblemCode;
use Vestibra\Core\ProblemFamily;

/** Why the shop is not walked as on a day. Their words are in one place outside: `Words\ProblemWords`. */
enum WalkProblem: string implements ProblemCode
{
    use ProblemFamily;

    case NotATime = 'walk.not-a-time';
}
