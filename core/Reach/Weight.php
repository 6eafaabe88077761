<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * Which count of the closeness a condition adds to.
 *
 * @internal
 */
enum Weight
{
    case Named;
    case Grouped;
    case Narrowed;
    case Nothing;
}
