<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Problems;

use Vestibra\Core\ProblemCode;
use Vestibra\Core\ProblemFamily;

/** Why words of the shop cannot be these. Their own words are in one place outside: `Words\ProblemWords`. */
enum WordsProblem: string implements ProblemCode
{
    use ProblemFamily;

    case NoMessage = 'words.no-message';
    case Nothing = 'words.nothing';
    case TooLong = 'words.too-long';
    case StrangeValue = 'words.strange-value';
    case Brackets = 'words.brackets';
    case ChangedSince = 'words.changed-since';
    case NothingToPublish = 'words.nothing-to-publish';
}
