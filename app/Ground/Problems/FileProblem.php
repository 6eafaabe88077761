<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Problems;

use Vestibra\Core\ProblemCode;
use Vestibra\Core\ProblemFamily;

/** Why a file is not taken in. Their words are in one place outside: `Words\ProblemWords`. */
enum FileProblem: string implements ProblemCode
{
    use ProblemFamily;

    case Kind = 'file.kind';
    case TooHeavy = 'file.too-heavy';
    case Empty = 'file.empty';
    case NoRoom = 'file.no-room';
    case NoUse = 'file.no-use';
    case Gone = 'file.gone';
    case Used = 'file.used';
    case FilmKind = 'film.kind';
    case FilmNoPictures = 'film.no-pictures';
    case CaptionsKind = 'captions.kind';
}
