<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Short;

/**
 * How the values of a condition go together: a page has any of them, all of them, or none of them.
 *
 * @api
 */
enum HowMany
{
    case Any;
    case All;
    case None;
}
