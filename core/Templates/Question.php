<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * The three questions that a block's settings answer.
 *
 * @api
 */
enum Question: string
{
    case What = 'what';
    case How = 'how';
    case When = 'when';
}
