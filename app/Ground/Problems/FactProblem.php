<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Problems;

use Vestibra\Core\ProblemCode;
use Vestibra\Core\ProblemFamily;

/** Why a fact is not defined or changed. Their words are in one place outside: `Words\ProblemWords`. */
enum FactProblem: string implements ProblemCode
{
    use ProblemFamily;

    case NoName = 'fact.no-name';
    case NameTaken = 'fact.name-taken';
    case UnknownKind = 'fact.unknown-kind';
    case NoChoices = 'fact.no-choices';
    case TooMany = 'fact.too-many';
    case Gone = 'fact.gone';
}
