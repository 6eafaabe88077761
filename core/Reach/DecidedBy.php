<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * What decided a verdict.
 *
 * @api
 */
enum DecidedBy: string
{
    case Pin = 'pin';
    case GoesFirst = 'goes-first';
    case Closest = 'closest';
    case Fallback = 'fallback';
}
