<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Problems;

use Vestibra\Core\ProblemCode;
use Vestibra\Core\ProblemFamily;

/**
 * Why a template or kept part is not made, taken in or deleted. Their words are in one place outside:
 * `Words\ProblemWords`.
 */
enum TemplateProblem: string implements ProblemCode
{
    use ProblemFamily;

    case PartTooMany = 'part.too-many';
    case Live = 'template.live';
    case Pinned = 'template.pinned';
    case Chosen = 'template.chosen';
    case Waits = 'template.waits';
    case PartNotAlone = 'part.not-alone';
    case PartStands = 'part.stands';
    case CardTooMany = 'card.too-many';
    case CardStands = 'card.stands';
    case CardIsFallback = 'card.is-fallback';
    case NotEmpty = 'template.not-empty';
    case UnknownStart = 'template.unknown-start';
    case NoPlaceForPicture = 'template.no-place-for-picture';
    case NotNamed = 'template.not-named';
    case UnknownPlace = 'template.unknown-place';
}
