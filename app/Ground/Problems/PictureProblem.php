<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Problems;

use Vestibra\Core\ProblemCode;
use Vestibra\Core\ProblemFamily;

/** Why a picture is not taken in. Their words are in one place outside: `Words\ProblemWords`. */
enum PictureProblem: string implements ProblemCode
{
    use ProblemFamily;

    case None = 'picture.none';
    case Damaged = 'picture.damaged';
    case Kind = 'picture.kind';
    case TooHeavy = 'picture.too-heavy';
    case TooLarge = 'picture.too-large';
    case NoRoom = 'picture.no-room';
}
