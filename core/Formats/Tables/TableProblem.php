<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Tables;

use Vestibra\Core\ProblemCode;
use Vestibra\Core\ProblemFamily;

/**
 * What can be the matter with a file of rows. Their words are in one place outside: `Words\ProblemWords`.
 *
 * @api
 */
enum TableProblem: string implements ProblemCode
{
    use ProblemFamily;

    case Empty = 'table.empty';
    case TooManyColumns = 'table.too-many-columns';
    case CellTooLong = 'table.cell-too-long';
    case RowTooLong = 'table.row-too-long';
    case Unclosed = 'table.unclosed';
    case AfterQuotes = 'table.after-quotes';
    case HeaderTwice = 'table.header-twice';
    case NoKey = 'table.no-key';
    case NothingKnown = 'table.nothing-known';
    case KeyMissing = 'table.key-missing';
    case KeyTwice = 'table.key-twice';
    case KeyUnknown = 'table.key-unknown';
    case KeyRounded = 'table.key-rounded';
    case KeySeveral = 'table.key-several';
    case Leap = 'table.leap';
    case TooManyCells = 'table.too-many-cells';
    case NameUnknown = 'table.name-unknown';
    case NameSeveral = 'table.name-several';
    case DayUnclear = 'table.day-unclear';
    case NotOfTheFact = 'table.not-of-the-fact';
    case SaidOtherwise = 'table.said-otherwise';
    case TemplateNotLive = 'table.template-not-live';
}
