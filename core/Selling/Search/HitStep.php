<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Search;

/**
 * How near what a search finds is to what was typed, the nearest first.
 *
 * @api
 */
enum HitStep: int
{
    /** The code or the barcode of a variant is just what was typed. */
    case Code = 0;
    /** Everything is there as whole words of the title. */
    case WholeTitle = 1;
    /** Everything begins words of the title. */
    case Title = 2;
    /** Everything begins words of the title or of the brand. */
    case Named = 3;
    /** Everything begins words somewhere; or a code begins so. */
    case Anywhere = 4;
}
