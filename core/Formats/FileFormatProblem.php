<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats;

use Vestibra\Core\ProblemCode;
use Vestibra\Core\ProblemFamily;

/** What can be the matter with a file that comes in. Their words are in one place outside: `Words\ProblemWords`. */
enum FileFormatProblem: string implements ProblemCode
{
    use ProblemFamily;

    case NotATemplate = 'import.not-a-template';
    case UnknownFormat = 'import.unknown-format';
    case PageKind = 'import.page-kind';
    case NotAPage = 'import.not-a-page';
}
