<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats;

use Vestibra\Core\ProblemCode;
use Vestibra\Core\ProblemFamily;

/**
 * What can be the matter with a file that comes in. Their words are in one place outside: `Words\ProblemWords`.
 *
 * @api
 */
enum FileFormatProblem: string implements ProblemCode
{
    use ProblemFamily;

    case NotATemplate = 'import.not-a-template';
    case UnknownFormat = 'import.unknown-format';
    case PageKind = 'import.page-kind';
    case NotAPage = 'import.not-a-page';
    case NotJson = 'import.not-json';
    case TooLarge = 'import.too-large';
    case NotThis = 'import.not-this';
    case Newer = 'import.newer';
    case UnknownName = 'import.unknown-name';
    case UnknownKey = 'import.unknown-key';
    case WrongType = 'import.wrong-type';
    case NotAName = 'import.not-a-name';
    case NamedTwice = 'import.named-twice';
    case Unreadable = 'import.unreadable';
    case NotAFolder = 'import.not-a-folder';
    case Occupied = 'import.occupied';
    case TouchedByHand = 'import.touched-by-hand';
    case AnotherCurrency = 'import.another-currency';
    case AnotherShop = 'import.another-shop';
    case BothChanged = 'import.both-changed';
    case EarlierNames = 'import.earlier-names';
    case FactKindFixed = 'import.fact-kind';
    case FactValue = 'import.fact-value';
    case NameNoText = 'import.name-no-text';
    case NoSuchPart = 'import.no-such-part';
    case Leap = 'import.leap';
    case Linked = 'import.linked';
    case NoPicture = 'import.no-picture';
    case NotALinkedDocument = 'import.not-linked';
    case NotAnArchive = 'import.not-an-archive';
    case NoShopInside = 'import.no-shop-inside';
    case ArchiveTooLarge = 'import.archive-too-large';
}
