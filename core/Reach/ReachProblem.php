<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use Vestibra\Core\ProblemCode;
use Vestibra\Core\ProblemFamily;

/**
 * What can be the matter with a rule that comes from outside. Their words are in one place outside:
 * `Words\ProblemWords`.
 *
 * @api
 */
enum ReachProblem: string implements ProblemCode
{
    use ProblemFamily;

    case NotAnObject = 'reach.not-an-object';
    case UnknownFormat = 'reach.unknown-format';
    case UnknownPart = 'reach.unknown-part';
    case KeepOffEverything = 'reach.keep-off-everything';
    case NotAList = 'reach.not-a-list';
    case TooManyClauses = 'reach.too-many-clauses';
    case TooManyConditions = 'reach.too-many-conditions';
    case NotACondition = 'reach.not-a-condition';
    case UnknownComparison = 'reach.unknown-comparison';
    case TooManyValues = 'reach.too-many-values';
    case NotAnId = 'reach.not-an-id';
    case NoValues = 'reach.no-values';
    case ValuesNotTaken = 'reach.values-not-taken';
    case NotYesOrNo = 'reach.not-yes-or-no';
    case NotASeason = 'reach.not-a-season';
    case EndsBeforeItStarts = 'reach.ends-before-it-starts';
    case FactDoesNotCompare = 'reach.fact-does-not-compare';
    case NotANumber = 'reach.not-a-number';
    case MinAboveMax = 'reach.min-above-max';
    case NotADate = 'reach.not-a-date';
    case NoWords = 'reach.no-words';
    case NotAPageKind = 'reach.not-a-page-kind';
}
