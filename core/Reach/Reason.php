<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * Why a template did not win a page.
 *
 * @api
 */
enum Reason: string
{
    case NotLive = 'not-live';
    case OutOfSeason = 'out-of-season';
    case NoClauseMatched = 'no-clause-matched';
    case KeptOff = 'kept-off';
    case PinDecides = 'pin-decides';
    case AnotherGoesFirst = 'another-goes-first';
    case LessClose = 'less-close';
    case LaterInHandOrder = 'later-in-hand-order';
    case NotNeeded = 'not-needed';
}
