<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

use Vestibra\Core\ProblemCode;
use Vestibra\Core\ProblemFamily;

/**
 * Why a house style is not changed, kept or read. Their words are in one place outside: `Words\ProblemWords`.
 *
 * @api
 */
enum HouseProblem: string implements ProblemCode
{
    use ProblemFamily;

    case NoToken = 'house.no-token';
    case NotAValue = 'house.not-a-value';
    case Outside = 'house.outside';
    case NoName = 'house.no-name';
    case NameTaken = 'house.name-taken';
    case TooMany = 'house.too-many';
    case InUse = 'house.in-use';
    case Awaited = 'house.awaited';
    case NothingToPublish = 'house.nothing-to-publish';
    case ChangedSince = 'house.changed-since';
    case DecidedSince = 'house.decided-since';
    case FileNotJson = 'house.file-not-json';
    case FileTooLarge = 'house.file-too-large';
    case FileNoTokens = 'house.file-no-tokens';
    case FileTooMany = 'house.file-too-many';
    case FileCycle = 'house.file-cycle';
    case FileReference = 'house.file-reference';
    case FileType = 'house.file-type';
    case FileUnit = 'house.file-unit';
    case FileValue = 'house.file-value';
    case NotAFont = 'house.not-a-font';
    case FontTooLarge = 'house.font-too-large';
    case FontTooMany = 'house.font-too-many';
    case FontNoName = 'house.font-no-name';
    case FontNameTaken = 'house.font-name-taken';
    case FontInUse = 'house.font-in-use';
    case FileUnknown = 'house.file-unknown';
}
