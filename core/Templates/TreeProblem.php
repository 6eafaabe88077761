<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\ProblemCode;
use Vestibra\Core\ProblemFamily;

/**
 * What can be the matter with a tree that comes from outside. Their words are in one place outside:
 * `Words\ProblemWords`.
 *
 * @api
 */
enum TreeProblem: string implements ProblemCode
{
    use ProblemFamily;

    case NotAnObject = 'tree.not-an-object';
    case UnknownFormat = 'tree.unknown-format';
    case NotAPage = 'tree.not-a-page';
    case TooDeep = 'tree.too-deep';
    case TooMany = 'tree.too-many';
    case UnknownKind = 'tree.unknown-kind';
    case DoesNotBelong = 'tree.does-not-belong';
    case UnknownPart = 'tree.unknown-part';
    case UnknownWidth = 'tree.unknown-width';
    case UnknownSetting = 'tree.unknown-setting';
    case BadId = 'tree.bad-id';
    case IdTwice = 'tree.id-twice';
    case NotACard = 'card.not-a-card';
    case NotOnCards = 'card.not-on-cards';
    case NotAround = 'around.not-around';
    case OtherOnCard = 'card.other-product';
    case PartInPart = 'part.in-part';
    case OwnBlocksInOwn = 'part.own-in-own';
    case PartWithReach = 'part.no-reach';
    case NotAList = 'tree.not-a-list';
}
