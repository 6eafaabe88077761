<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\ProblemCode;
use Vestibra\Core\ProblemFamily;

/**
 * Why an edit, or taking one back, does not fit. Their words are in one place outside: `Words\ProblemWords`.
 *
 * @api
 */
enum EditProblem: string implements ProblemCode
{
    use ProblemFamily;

    case NotAnEdit = 'edit.not-an-edit';
    case Unknown = 'edit.unknown';
    case Gone = 'edit.gone';
    case ThereAlready = 'edit.there-already';
    case NotThePage = 'edit.not-the-page';
    case IntoItself = 'edit.into-itself';
    case OtherAuthor = 'edit.other-author';
    case NothingToUndo = 'edit.nothing-to-undo';
    case NothingToRedo = 'edit.nothing-to-redo';
    case UndoImpossible = 'undo.impossible';
    case UndoPassedOver = 'undo.passed-over';
    case RedoPassedOver = 'redo.passed-over';
    case UndoInPart = 'undo.in-part';
    case TooMany = 'edit.too-many';
}
